'use client';

import type { ReactNode } from 'react';
import { planOf } from '@/core/body/plan';
import { PlanDrawing } from '@/ui/body-plan/plan-drawing';
import { FarvinMark } from '@/ui/parts/farvin-mark';

const DECORATION = planOf('fastback')!;
const BARE = new Map([...DECORATION.zones.keys()].map((z) => [z, { unseen: true }]));

/** A page before anybody is signed in: the pattern of a car on one side, what is asked on the other. */
export function WayInPage({ children }: { children: ReactNode }) {
  return (
    <main className="grid min-h-full lg:grid-cols-[1fr_480px]">
      <div
        className="sticky top-0 hidden h-dvh items-center justify-center overflow-hidden border-r border-line p-10 lg:flex"
        aria-hidden="true"
      >
        <PlanDrawing
          plan={DECORATION}
          view="outside"
          looks={BARE}
          nameOf={() => ''}
          title=""
          className="max-h-[80vh] w-full opacity-80"
        />
      </div>
      <div className="grid content-center gap-6 bg-card p-6 sm:p-10">
        <div className="flex items-center gap-3">
          <FarvinMark size={40} />
          <span className="font-head text-3xl font-bold">Farvin</span>
        </div>
        {children}
      </div>
    </main>
  );
}
