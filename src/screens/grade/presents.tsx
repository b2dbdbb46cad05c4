'use client';

import type { Presents as PresentsFigure } from '@/core/grade/presents';
import { recordsOf } from '@/core/records/reduce';
import { usePreferences, useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { flawName } from '@/words/flaws';
import { zoneWords } from '@/words/zones';
import type { ShowPlaces } from './grade';

/** The nearest distance at which somebody who is not looking for faults notices none; none is said of an outside hardly looked at. */
export function Presents({ presents, seen, show }: { presents: PresentsFigure; seen: boolean; show: ShowPlaces }) {
  const { state, car } = useInspection();
  const wording = useWording(car?.steering);
  const { words } = usePreferences().preferences;
  const found = recordsOf(state.records, 'finding').find((f) => f.id === presents.finding)?.body;
  return (
    <div className="sheet grid gap-1 p-4">
      <h2 className="text-lg font-bold">Presents clean from</h2>
      <p>
        <span className="figure text-2xl font-semibold">{found && seen ? `${presents.metres} m` : '–'}</span>{' '}
        {found ? (
          <button type="button" className="min-h-9 underline" onClick={() => show([found.zone])}>
            noticed first: {flawName(found.flaw, words)}, {zoneWords(found.zone, wording)}
          </button>
        ) : (
          <span>no finding on the outside yet</span>
        )}
      </p>
      {!seen && <p>Too little of the outside was seen to say.</p>}
      <p className="text-xs text-soft">From where somebody who is not looking for faults notices one.</p>
    </div>
  );
}
