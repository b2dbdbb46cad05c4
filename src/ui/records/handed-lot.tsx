'use client';

import { type ReactNode, useMemo } from 'react';
import { handed } from './handed';
import { InspectionProvider } from './inspection';

/** The lot that a page was handed, for all its screens. */
export function HandedLot({ text, children }: { text: string; children: ReactNode }) {
  const { facts, records } = useMemo(() => handed(text), [text]);
  return (
    <InspectionProvider key={facts.id} facts={facts} records={records}>
      {children}
    </InspectionProvider>
  );
}
