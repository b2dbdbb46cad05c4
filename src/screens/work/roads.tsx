import type { RoadTaken } from '@/core/cost/reckon';
import type { Road } from '@/core/cost/roads';
import { IntervalBand } from '@/ui/charts/interval-band';
import { gradeFigures } from '@/words/grade';
import { money, moneyRange } from '@/words/money';
import { plural } from '@/words/plural';

const ROAD_WORDS: Readonly<Record<Road, readonly [name: string, says: string]>> = {
  restore: ['Restore', 'all that can be done without spoiling what is the works’'],
  repair: ['Repair', 'sound and usable; its looks stay'],
  run: ['Make safe', 'what it cannot be driven without, and nothing else'],
  leave: ['Leave as it is', 'everything said, nothing done'],
};

/** Four roads for the car, side by side: money with its doubt, days, and what it ends as. */
export function Roads({
  roads,
  limits,
  currency,
}: {
  roads: readonly RoadTaken[];
  limits: readonly number[];
  currency: string;
}) {
  return (
    <section className="sheet grid gap-2 p-4" aria-label="Four roads">
      <h2 className="text-lg font-bold">Four roads</h2>
      <ul className="grid gap-2">
        {roads.map((r) => (
          <li
            key={r.road}
            className="grid gap-x-3 border-t border-line pt-2 sm:grid-cols-[9.5rem_minmax(0,1fr)_9.5rem] sm:items-center"
          >
            <span>
              <strong className="block">{ROAD_WORDS[r.road][0]}</strong>
              <span className="block text-xs text-soft">{ROAD_WORDS[r.road][1]}</span>
            </span>
            <span>
              <IntervalBand
                id={`road-${r.road}`}
                grade={r.grade}
                limits={limits}
                label={`ends at ${gradeFigures(r.grade)} of 100`}
              />
              <span className="block text-xs">
                ends at <span className="figure">{gradeFigures(r.grade)}</span>
                {r.price !== null && `, expected ${money(r.price, currency)}`}
              </span>
            </span>
            <span className="sm:text-right">
              <span className="figure block font-semibold">
                {r.jobs === 0 ? `0 ${currency}` : moneyRange(r.cost.p10, r.cost.p90, currency)}
              </span>
              <span className="block text-xs text-soft">
                {plural(r.jobs, 'job')}
                {r.days > 0 && `, ${plural(r.days, 'day')} with waiting`}
              </span>
            </span>
          </li>
        ))}
      </ul>
      <p className="text-xs text-soft">
        Film and gaps stay as measured: after work they are measured anew. Restoring counts what nobody saw; the other
        roads do not.
      </p>
    </section>
  );
}
