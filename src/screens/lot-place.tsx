'use client';

import type { ReactNode } from 'react';
import { CHAPTERS } from './chapters';
import { EvidenceFrame } from './evidence/evidence';
import { LotFrame } from './lot/lot-frame';
import { PlaceTabs } from './place-tabs';
import { PLACES } from './places';

/** The frame round every place of a lot. */
export function FramedLot({ children }: { children: ReactNode }) {
  return <LotFrame places={PLACES}>{children}</LotFrame>;
}

/** What an address within a lot shows, with what the server loaded for it. */
export function LotPlace({ place, chapter, loaded }: { place: string; chapter: string | null; loaded?: unknown }) {
  const found = PLACES.find((p) => p.slug === place) ?? PLACES[1]!;
  if (found.tabs) {
    const tab = found.tabs.find((t) => t.slug === chapter);
    return (
      <PlaceTabs place={found} open={chapter}>
        {tab ? <tab.Screen /> : <found.Screen loaded={loaded} />}
      </PlaceTabs>
    );
  }
  if (found.slug !== 'evidence') return <found.Screen loaded={loaded} />;
  const open = CHAPTERS.find((c) => c.slug === chapter);
  return (
    <EvidenceFrame chapters={CHAPTERS} open={open ?? null}>
      {open && <open.Screen loaded={loaded} />}
    </EvidenceFrame>
  );
}
