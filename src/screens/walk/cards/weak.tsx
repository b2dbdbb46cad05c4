'use client';

import { Undo2 } from 'lucide-react';
import { useState } from 'react';
import { BLOCKED_BY, type BlockedBy } from '@/core/kinds/look';
import type { WeakPlace } from '@/core/metal/weak-places';
import { recordsOf } from '@/core/records/reduce';
import { useWording } from '@/ui/preferences';
import { useCar, useJudged, useLot } from '@/ui/records/inspection';
import { raisedText, weakText } from '@/words/metal';
import { BLOCKED_WORDS } from '@/words/terms';
import type { CardProps, ZoneCardDefinition } from '../walking';

const NONE: readonly WeakPlace[] = [];

/** Where this panel usually rusts: each place to be ticked as it was found, before one walks past it. */
export function Weak({ zone, walking }: CardProps) {
  const all = useJudged((j) => j.judgement?.metal.places ?? NONE);
  const own = all.filter((p) => p.zone === zone.slug);
  if (own.length === 0) return null;
  return (
    <section aria-label="Weak spots" className="grid gap-2">
      <h3 className="text-sm font-bold">{own.length === 1 ? 'Weak spot' : 'Weak spots'}</h3>
      <ul className="grid gap-2">
        {own.map((p) => (
          <Place key={p.id} place={p} all={all} walking={walking} />
        ))}
      </ul>
    </section>
  );
}

function Place({
  place,
  all,
  walking,
}: {
  place: WeakPlace;
  all: readonly WeakPlace[];
  walking: CardProps['walking'];
}) {
  const { store, mayEdit } = useLot();
  const { car } = useCar();
  const wording = useWording(car?.steering);
  const [why, setWhy] = useState(false);
  const raised = raisedText(place, all, wording);
  const tick = (outcome: 'sound' | 'rust' | 'damp' | 'blocked', blockedBy: BlockedBy | null = null) => {
    const { zone, spot } = place;
    store.put([{ kind: 'weak', body: { zone, spot, outcome, why: blockedBy, at: new Date().toISOString() } }]);
    setWhy(false);
    if (outcome !== 'rust') return;
    walking.touch({ uMm: Math.round(place.place.uMm), vMm: Math.round(place.place.vMm) });
    walking.ask({ what: 'finding', finding: null });
  };
  const takeBack = () => {
    for (const w of recordsOf(store.snapshot().records, 'weak'))
      if (w.body.zone === place.zone && w.body.spot === place.spot) store.remove(w.id);
  };
  const open = place.state === 'unseen';
  return (
    <li className={`grid gap-1.5 border p-2 ${open ? 'border-dashed border-ink/60' : 'border-line bg-wash'}`}>
      <p className="flex items-baseline gap-2 text-sm">
        <span className="min-w-0 flex-1 font-semibold first-letter:uppercase">{place.where}</span>
        {!open && <span>{weakText(place)}</span>}
        {!open && mayEdit && (
          <button type="button" className="btn btn-small" aria-label={`Take back: ${place.where}`} onClick={takeBack}>
            <Undo2 size={15} aria-hidden="true" />
          </button>
        )}
      </p>
      {raised && <p className="bg-tape/40 px-2 py-1 text-sm first-letter:uppercase">{raised}.</p>}
      {open && mayEdit && !why && (
        <div className="grid grid-cols-4 gap-1.5">
          <button type="button" className="btn px-1" onClick={() => tick('sound')}>
            Sound
          </button>
          <button type="button" className="btn px-1" onClick={() => tick('rust')}>
            Rust
          </button>
          <button type="button" className="btn px-1" onClick={() => tick('damp')}>
            Damp
          </button>
          <button type="button" className="btn px-1" onClick={() => setWhy(true)}>
            Not seen
          </button>
        </div>
      )}
      {why && (
        <div className="flex flex-wrap gap-1.5" role="group" aria-label="Why could it not be seen?">
          {BLOCKED_BY.map((b) => (
            <button key={b} type="button" className="btn btn-small" onClick={() => tick('blocked', b)}>
              {BLOCKED_WORDS[b]}
            </button>
          ))}
        </div>
      )}
    </li>
  );
}

export const weak: ZoneCardDefinition = { place: 15, applies: (zone) => zone.aspects.length > 0, Card: Weak };
