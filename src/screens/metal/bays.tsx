'use client';

import type { Cell } from '@/core/coverage/coverage';
import { type BayState, bayStates } from '@/core/metal/bays';
import { ToWalk } from '@/ui/chapter/aspect-findings';
import { BayPlan } from '@/ui/metal/bay-plan';
import { useWording } from '@/ui/preferences';
import { useCar, useJudged } from '@/ui/records/inspection';
import { bayLine, bayName } from '@/words/bays';
import { plural } from '@/words/plural';

const NO_CELLS: readonly Cell[] = [];

/** From below and inside, bay by bay, each on a plan of its own; first two figures: as it stands, and among cars of its years. */
export function Bays() {
  const { plan } = useCar();
  const axis = useJudged((j) => j.grade?.axes.find((a) => a.axis === 'underside') ?? null);
  const cells = useJudged((j) => j.judgement?.coverage.cells ?? NO_CELLS);
  const bays = plan ? bayStates(plan, cells) : [];
  if (!plan || !axis || bays.length === 0) return null;
  const seen = bays.filter((b) => b.seen > 0);
  const below = seen.some((b) => b.view === 'underneath');
  return (
    <section className="grid gap-2 border-b border-line p-4" aria-label="Bay by bay">
      <h2 className="text-lg font-bold">From below, bay by bay</h2>
      {below ? (
        <dl className="grid grid-cols-2 gap-2">
          <div className="border border-line p-2">
            <dd className="figure text-xl font-semibold">
              {Math.round(axis.grade.low!)} to {Math.round(axis.grade.high!)}
            </dd>
            <dt className="text-xs text-soft">of 100, as it stands</dt>
          </div>
          <div className="border border-line p-2">
            <dd className="figure text-xl font-semibold">{Math.round(axis.forItsYears)} %</dd>
            <dt className="text-xs text-soft">of cars of its years are worse</dt>
          </div>
        </dl>
      ) : (
        <p className="text-sm">Nobody saw it from below: nothing is said of it.</p>
      )}
      <p className="text-sm text-soft">
        {seen.length} of {plural(bays.length, 'bay')} seen.
      </p>
      <ul className="grid gap-2">
        {bays.map((b) => (
          <BayRow key={b.id} bay={b} cells={cells} />
        ))}
      </ul>
    </section>
  );
}

function BayRow({ bay, cells }: { bay: BayState; cells: readonly Cell[] }) {
  const { plan, car } = useCar();
  const wording = useWording(car?.steering);
  return (
    <li
      className={`grid grid-cols-[112px_minmax(0,1fr)] items-start gap-3 border p-2 text-sm ${bay.seen === 0 ? 'border-dashed border-ink/60' : 'border-line'}`}
    >
      <div className="h-20">
        <BayPlan plan={plan!} bay={bay} cells={cells} wording={wording} />
      </div>
      <div className="min-w-0">
        <ToWalk zone={bay.zones[0]!}>
          <strong>{bayName(bay.id, wording)}</strong>
        </ToWalk>
        <p>{bayLine(bay, wording)}.</p>
      </div>
    </li>
  );
}
