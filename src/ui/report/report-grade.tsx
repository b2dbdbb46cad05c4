import type { Snapshot } from '@/report/snapshot';
import { AXIS_WORDS, bandText, gradeFigures, LENS_WORDS } from '@/words/grade';
import { IntervalBand } from '../charts/interval-band';

/** The grade with its doubt, how much was seen, and from how far it presents clean. */
export function GradeSummary({ snapshot, findings, photos }: { snapshot: Snapshot; findings: number; photos: number }) {
  const { results, tables } = snapshot;
  const limits = tables.grade.bands.map((b) => b.from).filter((f) => f > 0);
  const first = results.whole[0]!;
  const seen = Math.round(results.coverage.whole.seen * 100);
  const figures = gradeFigures;
  return (
    <section className="sheet grid gap-4 p-4" aria-label="Summary">
      <div className="grid gap-4 sm:grid-cols-[1.3fr_1fr]">
        <div className="grid gap-1">
          <p className="text-sm font-semibold">As it stands, {first.lens} lens</p>
          <p className="font-head text-3xl font-bold">
            {bandText(first.band, results.coverage.whole.seen, tables.grade.bandFromSeen)}{' '}
            <span className="figure text-lg font-semibold">{figures(first.grade)}</span>
          </p>
          <IntervalBand
            id="report-first"
            grade={first.grade}
            limits={limits}
            label={`Grade ${figures(first.grade)} of 100`}
            capped={first.capped}
          />
          <p className="text-sm text-soft">
            The band is the middle 80 % of what the findings and the house’s tables allow. What was not seen widens it.
          </p>
        </div>
        <dl className="grid grid-cols-2 content-start gap-x-4 gap-y-2">
          {[
            [`${seen} %`, 'of all places and aspects seen'],
            [String(findings), 'findings'],
            [results.presentsCleanFromM > 0 ? `${results.presentsCleanFromM} m` : '–', 'presents clean from'],
            [String(photos), 'pictures'],
          ].map(([value, name]) => (
            <div key={name}>
              <dd className="figure text-lg font-semibold">{value}</dd>
              <dt className="text-sm text-soft">{name}</dt>
            </div>
          ))}
        </dl>
      </div>
      <details open>
        <summary className="min-h-9 content-center font-semibold">Four lenses and nine axes</summary>
        <div className="grid gap-5 pt-2 sm:grid-cols-2">
          <ul className="grid content-start gap-2">
            {results.whole.map((w) => (
              <li key={w.lens} className="grid grid-cols-[1fr_auto] text-sm">
                <span>
                  <strong className="capitalize">{w.lens}</strong>{' '}
                  <span className="text-soft">{LENS_WORDS[w.lens]}</span>
                </span>
                <span className="figure">{figures(w.grade)}</span>
                <span className="col-span-2">
                  <IntervalBand
                    id={`report-${w.lens}`}
                    grade={w.grade}
                    limits={limits}
                    label={`${w.lens} ${figures(w.grade)}`}
                    height={14}
                    capped={w.capped}
                  />
                </span>
              </li>
            ))}
          </ul>
          <ul className="grid content-start gap-2">
            {results.axes.map((a) => (
              <li key={a.axis} className="grid grid-cols-[8rem_1fr_5rem] items-center gap-2 text-sm">
                <span className="first-letter:uppercase">{AXIS_WORDS[a.axis]}</span>
                {a.seen === 0 ? (
                  <span className="border-b border-dashed border-ink/50" />
                ) : (
                  <IntervalBand
                    id={`report-${a.axis}`}
                    grade={a.grade}
                    limits={limits}
                    label={`${AXIS_WORDS[a.axis]} ${figures(a.grade)}`}
                    height={12}
                    capped={a.capped}
                  />
                )}
                <span className="figure text-right text-xs">{a.seen === 0 ? 'not seen' : figures(a.grade)}</span>
              </li>
            ))}
          </ul>
        </div>
      </details>
    </section>
  );
}
