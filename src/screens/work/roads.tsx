import type { Look, LookValue } from '@/core/cost/looks';
import type { PartedOut } from '@/core/cost/part-out';
import type { RoadTaken } from '@/core/cost/reckon';
import type { Road } from '@/core/cost/roads';
import { IntervalBand } from '@/ui/charts/interval-band';
import { capital } from '@/words/capital';
import { gradeFigures } from '@/words/grade';
import { money, moneyRange } from '@/words/money';
import { plural } from '@/words/plural';
import type { Wording } from '@/words/vocabulary';
import { zoneWords } from '@/words/zones';

const ROAD_WORDS: Readonly<Record<Road, readonly [name: string, says: string]>> = {
  restore: ['Restore', 'all that can be done without spoiling what is the works’'],
  repair: ['Repair', 'sound and usable; its looks stay'],
  run: ['Make safe', 'what it cannot be driven without, and nothing else'],
  leave: ['Leave as it is', 'everything said, nothing done'],
};

const LOOK_WORDS: Readonly<Record<Look, string>> = {
  magnet: 'A magnet over the steel panels',
  borescope: 'A borescope into sills, rails and pillars',
  below: 'On a lift or pit, from below',
  carpets: 'Carpets up',
  trying: 'Trying what was not tried, and a look for leaks after a drive',
};

/** The parts, each with its condition and price. */
function Parts({ parted, currency, wording }: { parted: PartedOut; currency: string; wording: Wording }) {
  return (
    <details className="text-sm">
      <summary className="min-h-9 content-center font-semibold">{plural(parted.parts.length, 'part')}</summary>
      <ul>
        {parted.parts.map((p) => (
          <li key={p.zone} className="flex justify-between gap-3 border-t border-line py-0.5">
            <span>
              {capital(zoneWords(p.zone, wording))}
              <span className="text-soft">
                , {p.sound === null ? 'not looked at' : `${Math.round(p.sound * 100)} % sound`}
              </span>
            </span>
            <span className="figure shrink-0">{moneyRange(p.price[0], p.price[2], currency)}</span>
          </li>
        ))}
      </ul>
    </details>
  );
}

/** What looking would do to the doubt of all this. */
function Looks({ looks, currency }: { looks: readonly LookValue[]; currency: string }) {
  if (looks.length === 0) return null;
  return (
    <div className="border-t border-line pt-2 text-sm">
      <h3 className="font-semibold">What a look would do to the doubt</h3>
      <ul>
        {looks.map((l) => (
          <li key={l.look} className="flex justify-between gap-3 py-0.5">
            <span>
              {LOOK_WORDS[l.look]} <span className="text-soft">({plural(l.places, 'place')} not seen)</span>
            </span>
            <span className="figure shrink-0">{money(l.narrows, currency)} narrower</span>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** Four roads for the car and its end in parts, side by side: money with its doubt, days, and what it ends as. */
export function Roads({
  roads,
  parted,
  looks,
  limits,
  currency,
  wording,
}: {
  roads: readonly RoadTaken[];
  parted: PartedOut;
  looks: readonly LookValue[];
  wording: Wording;
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
            className="grid gap-x-3 border-t border-line pt-2 sm:grid-cols-[9rem_minmax(0,1fr)_12rem] sm:items-center"
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
              <span className="figure block text-sm font-semibold whitespace-nowrap">
                {r.jobs === 0 ? `0 ${currency}` : moneyRange(r.cost.p10, r.cost.p90, currency)}
              </span>
              <span className="block text-xs text-soft">
                {plural(r.jobs, 'job')}
                {r.days > 0 && `, ${plural(r.days, 'day')} with waiting`}
              </span>
            </span>
          </li>
        ))}
        <li className="grid gap-x-3 border-t border-line pt-2 sm:grid-cols-[9rem_minmax(0,1fr)_12rem] sm:items-center">
          <span>
            <strong className="block">Part out</strong>
            <span className="block text-xs text-soft">taken apart and sold in parts; the car is gone</span>
          </span>
          <Parts parted={parted} currency={currency} wording={wording} />
          <span className="sm:text-right">
            <span className="figure block text-sm font-semibold whitespace-nowrap">
              brings {moneyRange(parted.brings.p10, parted.brings.p90, currency)}
            </span>
            <span className="block text-xs text-soft">
              less {plural(Math.round(parted.hours), 'hour')} of taking it apart
            </span>
          </span>
        </li>
      </ul>
      <Looks looks={looks} currency={currency} />
      <p className="text-xs text-soft">
        Film and gaps stay as measured: after work they are measured anew. Restoring counts what nobody saw; the other
        roads do not.
      </p>
    </section>
  );
}
