'use client';

import { useMemo, useState } from 'react';
import { VIEWS, type View } from '@/core/body/zone';
import type { Axis } from '@/core/catalogue/axes';
import type { Lens } from '@/core/grade/tables';
import { recordsOf } from '@/core/records/reduce';
import { PlanDrawing } from '@/ui/body-plan/plan-drawing';
import { coverageLooks, findingPins } from '@/ui/body-plan/zone-looks';
import { NoPlanYet } from '@/ui/chapter/no-plan-yet';
import { IntervalBand } from '@/ui/charts/interval-band';
import { usePreferences, useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { flawName } from '@/words/flaws';
import { AXIS_WORDS, bandText, GATE_WORDS, gradeFigures, LENS_WORDS, rankIsSaid } from '@/words/grade';
import { term, VIEW_WORDS } from '@/words/terms';
import { zoneName } from '@/words/zones';
import { Movers } from './movers';

/** Nine axes as intervals, the whole under four lenses, what is unseen and what moves it. */
export function Grade() {
  const { facts, plan, grade, state, car, judgement } = useInspection();
  const wording = useWording(car?.steering);
  const { words } = usePreferences().preferences;
  const [lens, setLens] = useState<Lens>('keeper');
  const [view, setView] = useState<View>('outside');
  const coverage = judgement?.coverage;
  const looks = useMemo(() => (plan && coverage ? coverageLooks(plan, coverage) : new Map()), [plan, coverage]);
  const pins = useMemo(() => findingPins(state.records), [state.records]);
  if (!plan || !grade || !judgement) return <NoPlanYet says="No grade without a plan: first say what car this is." />;
  const bands = facts.tables.grade.bands;
  const limits = bands.map((b) => b.from).filter((f) => f > 0);
  const { whole: cover, byView } = judgement.coverage;
  const figures = gradeFigures;
  const presents = grade.presents.finding
    ? recordsOf(state.records, 'finding').find((f) => f.id === grade.presents.finding)
    : undefined;
  return (
    <main className="min-h-0 flex-1 overflow-y-auto">
      <div className="mx-auto grid max-w-6xl items-start gap-5 p-4 lg:grid-cols-[1.15fr_1fr]">
        <section className="grid gap-4" aria-label="Grade">
          <div className="sheet grid gap-3 p-4">
            <div className="flex flex-wrap items-baseline justify-between gap-2">
              <h2 className="text-lg font-bold">As it stands, under four lenses</h2>
              <span className="text-sm">
                <strong className="figure">{Math.round(cover.seen * 100)}</strong> % seen, {cover.blocked}{' '}
                {cover.blocked === 1 ? 'place' : 'places'} blocked
              </span>
            </div>
            <ul className="grid gap-2">
              {grade.whole.map((w) => (
                <li key={w.lens}>
                  <button
                    type="button"
                    aria-pressed={lens === w.lens}
                    onClick={() => setLens(w.lens)}
                    className="grid w-full grid-cols-[1fr_auto] items-center gap-x-3 rounded-cut border border-line px-3 py-2 text-left hover:border-ink aria-pressed:border-2 aria-pressed:border-thread sm:grid-cols-[150px_1fr_110px]"
                  >
                    <span>
                      <span className="block font-semibold first-letter:uppercase">{w.lens}</span>
                      <span className="block text-xs text-soft">{LENS_WORDS[w.lens]}</span>
                    </span>
                    <span className="order-last col-span-2 sm:order-none sm:col-span-1">
                      <IntervalBand
                        id={w.lens}
                        grade={w.grade}
                        limits={limits}
                        label={`${w.lens}: ${figures(w.grade)} of 100`}
                        capped={w.capped}
                      />
                    </span>
                    <span className="text-right">
                      <span className="figure block font-semibold">{figures(w.grade)}</span>
                      <span className="block text-sm">
                        {bandText(w.band, cover.seen, facts.tables.grade.bandFromSeen)}
                      </span>
                    </span>
                  </button>
                </li>
              ))}
            </ul>
            <ol className="flex flex-wrap gap-x-3 text-xs text-soft" aria-label="Bands">
              {bands.map((b) => (
                <li key={b.name}>
                  {b.name} {b.from}+
                </li>
              ))}
            </ol>
            {grade.gates.length > 0 && (
              <ul className="grid gap-1">
                {grade.gates.map((g) => (
                  <li key={g} className="border-l-4 border-pin bg-wash px-3 py-2 text-sm">
                    {GATE_WORDS[g]}
                  </li>
                ))}
              </ul>
            )}
            <p className="text-sm">
              {rankIsSaid(cover.seen, facts.tables.grade.bandFromSeen) ? (
                <>
                  <strong>For its years:</strong> better than about{' '}
                  {Math.round(grade.whole.find((w) => w.lens === lens)!.forItsYears)} in 100 cars of its age, {lens}{' '}
                  lens.{' '}
                </>
              ) : (
                <>
                  <strong>Too little seen</strong> to name a band or a rank among cars of its age: that takes{' '}
                  {Math.round(facts.tables.grade.bandFromSeen * 100)} % of all places.{' '}
                </>
              )}
              The band is the middle 80 % of what the findings and the tables allow; it narrows only by looking.
            </p>
          </div>
          <div className="sheet grid gap-2 p-4">
            <h2 className="text-lg font-bold">Nine axes</h2>
            <table className="w-full text-sm">
              <thead className="text-left text-xs text-soft">
                <tr>
                  <th className="py-1 font-semibold">Axis</th>
                  <th className="w-2/5 font-semibold">0 to 100</th>
                  <th className="text-right font-semibold">8 in 10</th>
                  <th className="text-right font-semibold">Seen</th>
                  <th className="hidden text-right font-semibold sm:table-cell">For its years</th>
                </tr>
              </thead>
              <tbody>
                {grade.axes.map((a) => (
                  <tr key={a.axis} className="border-t border-line">
                    <th scope="row" className="py-2 text-left font-semibold first-letter:uppercase">
                      {AXIS_WORDS[a.axis as Axis]}
                      {a.capped && <span className="ml-1 text-xs font-normal text-pin">capped</span>}
                    </th>
                    <td>
                      <IntervalBand
                        id={a.axis}
                        grade={a.grade}
                        limits={limits}
                        label={`${AXIS_WORDS[a.axis as Axis]}: ${figures(a.grade)}`}
                        height={16}
                        capped={a.capped}
                      />
                    </td>
                    <td className="figure pl-2 text-right text-xs whitespace-nowrap">{figures(a.grade)}</td>
                    <td className="pl-2 text-right text-xs">{Math.round(a.seen * 100)} %</td>
                    <td className="hidden pl-2 text-right text-xs sm:table-cell">
                      {a.seen === 0 || !rankIsSaid(cover.seen, facts.tables.grade.bandFromSeen)
                        ? '–'
                        : `${Math.round(a.forItsYears)} %`}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </section>
        <section className="grid gap-4" aria-label="What moves it">
          <div className="sheet overflow-hidden">
            <div className="flex overflow-x-auto border-b border-line" role="tablist" aria-label="Views">
              {VIEWS.filter((v) => plan.lap[v].length > 0).map((v) => (
                <button
                  key={v}
                  type="button"
                  role="tab"
                  aria-selected={v === view}
                  onClick={() => setView(v)}
                  className="min-h-11 flex-1 px-2 text-xs whitespace-nowrap hover:bg-wash aria-selected:bg-ink aria-selected:text-paper"
                >
                  <span className="block font-semibold first-letter:uppercase">{term(VIEW_WORDS, v, words)}</span>
                  <span className="figure text-[10px]">{Math.round(byView[v].seen * 100)} %</span>
                </button>
              ))}
            </div>
            <PlanDrawing
              plan={plan}
              view={view}
              looks={looks}
              pins={pins}
              nameOf={(z) => zoneName(z, wording)}
              title="What was seen"
              named={view !== 'outside'}
              className="h-64 w-full"
            />
            <p className="border-t border-line px-4 py-2 text-xs text-soft">
              Dashed: not seen. Struck through: blocked. Pins fill with severity.
            </p>
          </div>
          <div className="sheet grid gap-1 p-4">
            <h2 className="text-lg font-bold">Presents clean from</h2>
            <p>
              <span className="figure text-2xl font-semibold">
                {grade.presents.finding ? `${grade.presents.metres} m` : '–'}
              </span>{' '}
              {presents ? (
                <span>
                  set by: {flawName(presents.body.flaw, words)}, {zoneName(presents.body.zone, wording)}
                </span>
              ) : (
                <span>no finding on the outside yet</span>
              )}
            </p>
          </div>
          <Movers title="Looking here narrows it most" movers={grade.unseenMovers} />
          <Movers title="These findings cost it most" movers={grade.findingMovers} />
        </section>
      </div>
    </main>
  );
}
