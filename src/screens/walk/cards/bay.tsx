'use client';

import { useState } from 'react';
import type { View } from '@/core/body/zone';
import type { Cell } from '@/core/coverage/coverage';
import { BLOCKED_BY, type BlockedBy } from '@/core/kinds/look';
import { BAYS, bayOf, bayStates, baysOf } from '@/core/metal/bays';
import { BayPlan } from '@/ui/metal/bay-plan';
import { useWording } from '@/ui/preferences';
import { useCar, useJudged, useLot } from '@/ui/records/inspection';
import { bayLine, bayName } from '@/words/bays';
import { BLOCKED_WORDS } from '@/words/terms';
import type { CardProps, ZoneCardDefinition } from '../walking';

const NO_CELLS: readonly Cell[] = [];

/** The bay that the zone in hand lies in: its plan, how it stands, and the rest of it said at once. */
export function BayCard({ zone, walking }: CardProps) {
  const { plan, car } = useCar();
  const { store, mayEdit } = useLot();
  const wording = useWording(car?.steering);
  const [why, setWhy] = useState(false);
  const cells = useJudged((j) => j.judgement?.coverage.cells ?? NO_CELLS);
  const all = baysOf(plan!).filter((b) => b.view === zone.view);
  const bay = bayOf(plan!, zone.slug);
  const state = bay && bayStates(plan!, cells).find((b) => b.id === bay.id);
  if (!bay || !state) return null;
  const open = cells.filter(
    (c) =>
      bay.zones.includes(c.zone.slug) &&
      c.status === 'unseen' &&
      (c.aspect === 'corrosion' || c.aspect === 'structure'),
  );
  const sayRest = (blockedBy: BlockedBy | null) => {
    const at = new Date().toISOString();
    const outcome = blockedBy ? 'blocked' : 'clean';
    store.put(
      open.map((c) => ({ kind: 'look', body: { zone: c.zone.slug, aspect: c.aspect, outcome, why: blockedBy, at } })),
    );
    setWhy(false);
  };
  return (
    <section aria-label="Bay" className="grid gap-2 border border-line p-2">
      <h3 className="text-sm font-bold">
        {bayName(bay.id, wording)}
        <span className="font-normal text-soft">
          {' '}
          bay {all.findIndex((b) => b.id === bay.id) + 1} of {all.length} here
        </span>
      </h3>
      <div className="h-32">
        <BayPlan
          plan={plan!}
          bay={bay}
          cells={cells}
          wording={wording}
          selected={zone.slug}
          onZone={(z) => walking.go(z)}
        />
      </div>
      <p className="text-sm">{bayLine(state, wording)}.</p>
      {mayEdit && open.length > 0 && !why && (
        <div className="grid grid-cols-2 gap-1.5">
          <button type="button" className="btn" onClick={() => sayRest(null)}>
            Rest of the bay sound
          </button>
          <button type="button" className="btn" onClick={() => setWhy(true)}>
            Rest not seen
          </button>
        </div>
      )}
      {why && (
        <div className="flex flex-wrap gap-1.5" role="group" aria-label="Why could it not be seen?">
          {BLOCKED_BY.map((b) => (
            <button key={b} type="button" className="btn btn-small min-h-11" onClick={() => sayRest(b)}>
              {BLOCKED_WORDS[b]}
            </button>
          ))}
        </div>
      )}
    </section>
  );
}

const VIEWS: ReadonlySet<View> = new Set(BAYS.map((b) => b.view));

export const bay: ZoneCardDefinition = { place: 14, applies: (zone) => VIEWS.has(zone.view), Card: BayCard };
