'use client';

import { Check, Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { StoredRecord } from '@/core/kinds';
import { useWording } from '@/ui/preferences';
import { useCar, useLot } from '@/ui/records/inspection';
import { seamName } from '@/words/fit';
import { zoneName } from '@/words/zones';
import { MEASURES, type PictureMeasure } from './measures';

type Photo = StoredRecord<'photo'>;

/** What can be done with the chosen pictures. */
export function ChosenPictures({
  picked,
  proposed,
  onPlace,
  onLetGo,
}: {
  picked: readonly Photo[];
  /** Whether a place is proposed for one of them. */
  proposed: boolean;
  /** Puts them at a zone, at none, or as proposed. */
  onPlace: (zone: string | null | 'as-proposed') => void;
  onLetGo: () => void;
}) {
  const { store, mayEdit } = useLot();
  const { plan, car } = useCar();
  const wording = useWording(car?.steering);
  const [measure, setMeasure] = useState<PictureMeasure | null>(null);
  const zones = plan ? [...plan.zones.keys()].map((z) => [z, zoneName(z, wording)] as const) : [];
  zones.sort((a, b) => a[1].localeCompare(b[1]));
  const shows = (seam: string) => {
    store.put(picked.map((p) => ({ kind: 'photo', id: p.id, body: { ...p.body, seam, seamRefused: null } })));
    onLetGo();
  };
  const offered = MEASURES.filter(
    (m) => picked.length <= m.most && (m.looks || mayEdit) && (!m.onPlan || plan !== null),
  );
  return (
    <section
      className="sticky top-0 z-10 flex flex-wrap items-center gap-2 border-2 border-thread bg-card p-2"
      aria-label="Chosen pictures"
    >
      <span className="text-sm font-semibold">{picked.length} chosen</span>
      {offered.map((m) => (
        <button key={m.name} type="button" className="btn" onClick={() => setMeasure(m)}>
          <m.Icon size={16} aria-hidden="true" /> {m.says(picked.length)}
        </button>
      ))}
      {mayEdit && (
        <>
          <select
            className="field w-auto min-w-44 flex-1"
            value=""
            aria-label="Put the chosen pictures at"
            onChange={(e) => onPlace(e.target.value === '-' ? null : e.target.value)}
          >
            <option value="" disabled>
              Put at …
            </option>
            {zones.map(([slug, name]) => (
              <option key={slug} value={slug}>
                {name}
              </option>
            ))}
            <option value="-">no place</option>
          </select>
          {proposed && (
            <button type="button" className="btn" onClick={() => onPlace('as-proposed')}>
              <Check size={16} aria-hidden="true" /> As proposed
            </button>
          )}
          {plan && (
            <select
              className="field w-auto min-w-44 flex-1"
              value=""
              aria-label="The chosen pictures show the seam"
              onChange={(e) => shows(e.target.value)}
            >
              <option value="" disabled>
                Shows seam …
              </option>
              {[...plan.seams.keys()].map((s) => (
                <option key={s} value={s}>
                  {seamName(s, wording)}
                </option>
              ))}
            </select>
          )}
          <button
            type="button"
            className="btn"
            onClick={() => {
              for (const p of picked) store.remove(p.id);
              onLetGo();
            }}
          >
            <Trash2 size={16} aria-hidden="true" /> Take out
          </button>
        </>
      )}
      <button type="button" className="btn" onClick={onLetGo}>
        Let go
      </button>
      {measure && <measure.Sheet photos={picked} onClose={() => setMeasure(null)} />}
    </section>
  );
}
