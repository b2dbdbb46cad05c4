'use client';

import type { LedgerLine } from '@/core/bright/ledger';
import { PieceRow } from '@/ui/bright/piece-row';
import { useJudged } from '@/ui/records/inspection';
import type { CardProps, ZoneCardDefinition } from '../walking';

const NONE: readonly LedgerLine[] = [];

/** The pieces that belong at this place: there or not, and how they are. */
export function Pieces({ zone }: CardProps) {
  const ledger = useJudged((j) => j.judgement?.bright.ledger ?? NONE);
  const own = ledger.filter((l) => l.zone === zone.slug);
  if (own.length === 0) return null;
  const said = own.filter((l) => l.record).length;
  return (
    <details className="border-y border-line py-1" aria-label="Pieces">
      <summary className="min-h-11 cursor-pointer content-center text-sm font-bold">
        Pieces here: {said} of {own.length} said
      </summary>
      <ul className="grid gap-2 pb-2">
        {own.map((l) => (
          <PieceRow key={l.id} line={l} name={l.of.name} />
        ))}
      </ul>
    </details>
  );
}

export const pieces: ZoneCardDefinition = { place: 50, applies: () => true, Card: Pieces };
