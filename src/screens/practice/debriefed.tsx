'use client';

import { Check, CircleSlash, EyeOff, Replace, X } from 'lucide-react';
import { planOf } from '@/core/body/plan';
import { type Metal, VIEWS } from '@/core/body/zone';
import { DEFAULT_FUNCTIONS } from '@/core/catalogue/functions';
import { functionsOf } from '@/core/functions/list';
import type { Debrief, FaultOutcome } from '@/core/practice/debrief';
import { PlanDrawing, type ZoneLook } from '@/ui/body-plan/plan-drawing';
import { usePreferences, useWording } from '@/ui/preferences';
import { capital } from '@/words/capital';
import { CLAIM_WORD_WORDS } from '@/words/claims';
import { flawName } from '@/words/flaws';
import { functionName } from '@/words/functions';
import { money } from '@/words/money';
import { plural } from '@/words/plural';
import { stationName } from '@/words/stations';
import { PAINT_STATE_WORDS, term, VIEW_WORDS } from '@/words/terms';
import { zoneName } from '@/words/zones';

const OUTCOME_SAYS: Readonly<Record<FaultOutcome, string>> = {
  found: 'found',
  'called-otherwise': 'called otherwise',
  missed: 'missed',
  'not-looked': 'not looked at',
};
const OUTCOME_ICON = { found: Check, 'called-otherwise': Replace, missed: X, 'not-looked': EyeOff } as const;
const ORDER: readonly FaultOutcome[] = ['missed', 'called-otherwise', 'not-looked', 'found'];
/** A piece is drawn by the worst that came of its faults. */
const LOOK: Readonly<Record<FaultOutcome, ZoneLook>> = {
  missed: { fill: 'var(--pin)', text: 'var(--card)' },
  'called-otherwise': { fill: 'var(--tape)' },
  'not-looked': { unseen: true },
  found: { fill: 'color-mix(in oklch, var(--thread) 45%, var(--card))' },
};

/** The truth of a practice car laid over what was said of it. */
export function Debriefed({
  debrief: d,
  minutesUsed,
  minutes,
  car,
  currency,
}: {
  debrief: Debrief;
  minutesUsed: number;
  minutes: number | null;
  car: { readonly style: string; readonly metal: Metal };
  currency: string;
}) {
  const { words } = usePreferences().preferences;
  const wording = useWording();
  const plan = planOf(car.style, { baseMetal: car.metal })!;
  const of = (outcome: FaultOutcome) => d.faults.filter((f) => f.outcome === outcome);
  const looks = new Map<string, ZoneLook>();
  for (const outcome of [...ORDER].reverse()) for (const f of of(outcome)) looks.set(f.zone, LOOK[outcome]);
  const views = VIEWS.filter((v) => d.faults.some((f) => plan.zones.get(f.zone)?.view === v));
  const tried = d.functions.filter((f) => f.said !== null);
  const wrong = tried.filter((f) => f.said !== f.truth);
  const lines = new Map(functionsOf(plan, [], null, DEFAULT_FUNCTIONS).map((l) => [l.id, l]));
  const thin = d.panels.filter((p) => p.readings > 0 && p.readings < p.needed).length;
  const unread = d.panels.filter((p) => p.readings === 0).length;
  const paintWrong = d.panels.filter((p) => p.said !== null && p.said !== p.truth);
  return (
    <>
      <section className="flex flex-wrap items-baseline gap-x-6 gap-y-2" aria-label="In short">
        <p>
          <strong className="figure text-3xl">{d.score === null ? '–' : `${Math.round(100 * d.score)} %`}</strong> of
          what a bidder would mind was found; {d.surprises === 0 ? 'nothing' : d.surprises} of it would have surprised
          him.
        </p>
        <p className="text-soft">
          {Math.round(minutesUsed)} of {minutes} minutes ·{' '}
          {ORDER.filter((o) => of(o).length > 0)
            .map((o) => `${of(o).length} ${OUTCOME_SAYS[o]}`)
            .join(', ')}
          {d.invented.length > 0 && `, ${d.invented.length} not there`}
          {d.cost.missed > 0 &&
            ` · ${money(d.cost.missed)} of ${money(d.cost.whole, currency)} to put right were a surprise`}
        </p>
      </section>
      <section aria-label="On the plan" className="sheet grid gap-2 p-4">
        <p className="flex flex-wrap gap-x-4 gap-y-1 text-sm">
          {ORDER.map((o) => {
            const Icon = OUTCOME_ICON[o];
            return (
              <span key={o} className="flex items-center gap-1.5">
                <span
                  aria-hidden="true"
                  className={`grid size-5 place-items-center border border-ink ${o === 'not-looked' ? 'border-dashed' : ''}`}
                  style={{ background: LOOK[o].fill, color: LOOK[o].text }}
                >
                  <Icon size={13} />
                </span>
                {OUTCOME_SAYS[o]}
              </span>
            );
          })}
        </p>
        <div className="grid items-center gap-3 lg:grid-cols-[2fr_1fr]">
          {views.map((view) => (
            <PlanDrawing
              key={view}
              plan={plan}
              view={view}
              looks={looks}
              nameOf={(z) => zoneName(z, wording)}
              title={`What came of the faults, ${term(VIEW_WORDS, view, words)}`}
              className={`w-full ${view === 'outside' ? 'max-h-96 lg:row-span-4 lg:max-h-[30rem]' : 'max-h-44'}`}
            />
          ))}
        </div>
      </section>
      {d.stations.length > 0 && (
        <section aria-label="What a better order would have shown" className="grid gap-1">
          <h2 className="font-bold">What a better order would have shown</h2>
          <ol className="list-decimal pl-5 text-sm">
            {d.stations.slice(0, 3).map((s) => (
              <li key={s.station}>
                {capital(stationName(s.station, words))}: {plural(s.faults, 'fault')} that nobody told of
                {s.cost > 0 && `, ${money(s.cost, currency)} to put right`}.
              </li>
            ))}
          </ol>
        </section>
      )}
      <div className="grid items-start gap-5 lg:grid-cols-2">
        <Faults debrief={d} />
        <div className="grid gap-5">
          <section className="sheet grid gap-2 p-4" aria-label="The seller’s words">
            <h2 className="font-bold">The seller’s words</h2>
            {d.claims.length === 0 && <p className="text-sm">This seller said nothing that could be looked at.</p>}
            <ul className="divide-y divide-line text-sm">
              {d.claims.map((c) => (
                <li key={c.text} className="grid gap-0.5 py-1.5">
                  <q>{c.text}</q>
                  <span>
                    {c.holds ? 'It holds.' : 'It does not hold.'} Your records make it{' '}
                    {CLAIM_WORD_WORDS[c.word as keyof typeof CLAIM_WORD_WORDS]}
                    {c.right === true && ': seen through'}
                    {c.right === false && ': misled'}.
                  </span>
                </li>
              ))}
            </ul>
          </section>
          <section className="sheet grid gap-2 p-4 text-sm" aria-label="Film and functions">
            <h2 className="text-base font-bold">Film and functions</h2>
            <p>
              {d.panels.length === 0
                ? 'No gauge reads this body.'
                : `${plural(unread, 'panel')} without a reading, ${thin} with too few, of ${d.panels.length}.`}
            </p>
            {paintWrong.length > 0 && (
              <ul className="list-disc pl-5">
                {paintWrong.map((p) => (
                  <li key={p.zone}>
                    {capital(zoneName(p.zone, wording))} is {PAINT_STATE_WORDS[p.truth]}; the readings say{' '}
                    {PAINT_STATE_WORDS[p.said!]}.
                  </li>
                ))}
              </ul>
            )}
            <p>
              {tried.length} of {plural(d.functions.length, 'function')} tried
              {wrong.length > 0 && `, ${wrong.length} told otherwise than they are`}.
            </p>
            {wrong.length > 0 && (
              <ul className="list-disc pl-5">
                {wrong.map((f) => (
                  <li key={f.id}>
                    {capital(lines.has(f.id) ? functionName(lines.get(f.id)!) : f.id)}: {TRUTH_SAYS[f.truth]}.
                  </li>
                ))}
              </ul>
            )}
          </section>
        </div>
      </div>
    </>
  );
}
const TRUTH_SAYS = { works: 'it works', poor: 'it works poorly', dead: 'it does not work' } as const;

function Faults({ debrief: d }: { debrief: Debrief }) {
  const { words } = usePreferences().preferences;
  const wording = useWording();
  const faults = [...d.faults].sort((a, b) => ORDER.indexOf(a.outcome) - ORDER.indexOf(b.outcome));
  return (
    <section className="sheet grid gap-2 p-4" aria-label="Fault by fault">
      <h2 className="font-bold">Fault by fault</h2>
      {faults.length === 0 && <p className="text-sm">This car has none that can be seen.</p>}
      <ul className="divide-y divide-line text-sm">
        {faults.map((f, i) => {
          const Icon = OUTCOME_ICON[f.outcome];
          return (
            <li key={i} className="flex items-start gap-2 py-1">
              <Icon size={16} aria-hidden="true" className="mt-0.5 shrink-0" />
              <span className="min-w-0 flex-1">
                {capital(flawName(f.flaw, words))}, {zoneName(f.zone, wording)}
              </span>
              <span className="text-soft">
                {OUTCOME_SAYS[f.outcome]}
                {f.called && `: ${flawName(f.called, words)}`}
              </span>
            </li>
          );
        })}
        {d.invented.map((f) => (
          <li key={`${f.zone} ${f.flaw}`} className="flex items-start gap-2 py-1">
            <CircleSlash size={16} aria-hidden="true" className="mt-0.5 shrink-0" />
            <span className="min-w-0 flex-1">
              {capital(flawName(f.flaw, words))}, {zoneName(f.zone, wording)}
            </span>
            <span className="text-soft">entered, and not there</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
