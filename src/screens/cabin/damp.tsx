'use client';

import { dampFrom } from '@/core/metal/damp';
import type { WeakPlace } from '@/core/metal/weak-places';
import { ToWalk } from '@/ui/chapter/aspect-findings';
import { useWording } from '@/ui/preferences';
import { useCar, useJudged, useLot, useRecords } from '@/ui/records/inspection';
import { weakText } from '@/words/metal';
import { zoneName } from '@/words/zones';

const NO_PLACES: readonly WeakPlace[] = [];

/** Damp that was found, with where its water can come from: the weak places above it, and what is known of them. */
export function Damp() {
  const { plan, car } = useCar();
  const { facts } = useLot();
  const wording = useWording(car?.steering);
  const places = useJudged((j) => j.judgement?.metal.places ?? NO_PLACES);
  const damp = useRecords('finding', (f) => f.body.flaw === 'damp');
  const traced = damp.flatMap((f) => {
    const from = plan ? dampFrom(plan, places, f.body.zone, facts.tables.weakSpots) : [];
    return from.length > 0 ? [{ f, from }] : [];
  });
  if (traced.length === 0) return null;
  return (
    <section className="grid gap-2 border-b border-line p-4" aria-label="Where the damp comes from">
      <h2 className="text-lg font-bold">Where the damp can come from</h2>
      {traced.map(({ f, from }) => (
        <div key={f.id} className="text-sm">
          <ToWalk zone={f.body.zone}>
            <strong>{zoneName(f.body.zone, wording)}</strong>
          </ToWalk>
          <ul className="ml-3 grid gap-0.5">
            {from.map((p) => (
              <li key={p.id}>
                <ToWalk zone={p.zone}>{zoneName(p.zone, wording)}</ToWalk>, {p.where}:{' '}
                <span className={p.state === 'unseen' ? 'font-semibold' : 'text-soft'}>{weakText(p)}</span>
              </li>
            ))}
          </ul>
        </div>
      ))}
    </section>
  );
}
