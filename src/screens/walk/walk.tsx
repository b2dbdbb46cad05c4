'use client';

import { useEffect, useRef, useState } from 'react';
import { NoPlanYet } from '@/ui/chapter/no-plan-yet';
import { usePreferences } from '@/ui/preferences';
import { useCar, useLot } from '@/ui/records/inspection';
import { Acts } from './acts';
import { EntryLine } from './entry-line';
import { type KeyActions, useKeys } from './keys';
import { KeysSheet } from './keys-sheet';
import { PlanLine } from './plan-line';
import { Tape } from './tape';
import { useGauge } from './use-gauge';
import { type LineTaker, tellTaken, useTakeLine } from './use-take-line';
import { useWalking } from './use-walking';
import { WalkPlan } from './walk-plan';
import { ZoneCard } from './zone-card';

/** The walk round the car on its plan. */
export function Walk() {
  const { plan } = useCar();
  if (!plan) return <NoPlanYet says="First say what car this is: its body style gives the plan to walk on." />;
  return <WalkOnPlan />;
}

/** What the desk's keys do here. */
function useWalkKeys(
  walking: ReturnType<typeof useWalking>,
  line: LineTaker,
  inputRef: React.RefObject<HTMLInputElement | null>,
  help: () => void,
): void {
  const { plan } = useCar();
  const { store, judged } = useLot();
  const { preferences, set } = usePreferences();
  const actions: KeyActions = {
    entry: () => inputRef.current?.focus(),
    step: walking.step,
    show: walking.show,
    clean: () => void line.take(line.read('ok')),
    blocked: () => {
      const cells = judged.snapshot().judgement?.coverage.cells ?? [];
      const open = cells.filter(
        (c) => c.zone.slug === walking.zone && (c.status === 'unseen' || c.status === 'blocked'),
      );
      walking.ask({ what: 'blocked', aspects: open.map((c) => c.aspect) });
    },
    photo: () => walking.camera.current?.(),
    twin: () => {
      const { twin } = plan!.zones.get(walking.zone)!;
      if (twin) walking.go(twin);
    },
    unit: () => set({ unit: preferences.unit === 'um' ? 'mil' : 'um' }),
    again: () => walking.lastLine.current && void line.take(line.read(walking.lastLine.current)),
    undo: () => tellTaken(store.undo(), 'Nothing of this page is left to take back.'),
    redo: () => tellTaken(store.redo(), 'Nothing was taken back that could be entered again.'),
    help,
  };
  const held = useRef(actions);
  useEffect(() => {
    held.current = actions;
  });
  useKeys(held);
}

function WalkOnPlan() {
  const { plan } = useCar();
  const walking = useWalking();
  const line = useTakeLine(walking);
  const gauge = useGauge(walking);
  const [help, setHelp] = useState(false);
  const inputRef = useRef<HTMLInputElement>(null);
  useWalkKeys(walking, line, inputRef, () => setHelp(true));
  const zone = plan!.zones.get(walking.zone)!;
  const swipe = useSwipe(walking.step);
  const sheet = useRef<HTMLElement>(null);
  // Each panel's sheet begins at its top.
  // biome-ignore lint/correctness/useExhaustiveDependencies: when the panel changes
  useEffect(() => {
    if (sheet.current) sheet.current.scrollTop = 0;
  }, [walking.zone]);
  return (
    <>
      <Tape view={walking.view} onView={walking.show} />
      <PlanLine />
      <div className="grid min-h-0 flex-1 grid-cols-1 grid-rows-[27dvh_minmax(0,1fr)_auto] lg:grid-cols-[minmax(0,1fr)_352px] lg:grid-rows-[minmax(0,1fr)_auto]">
        <WalkPlan walking={walking} gauge={gauge} onKeys={() => setHelp(true)} />
        <div className="flex min-h-0 flex-col border-line bg-card lg:row-span-2 lg:border-l">
          <aside
            ref={sheet}
            className="min-h-0 flex-1 overflow-y-auto [contain:layout_style]"
            aria-label="Zone in hand"
            {...swipe}
          >
            <ZoneCard key={walking.zone} zone={zone} walking={walking} />
          </aside>
          <Acts zone={zone} walking={walking} />
        </div>
        <EntryLine walking={walking} line={line} inputRef={inputRef} />
      </div>
      {help && <KeysSheet onClose={() => setHelp(false)} />}
    </>
  );
}

/** Left and right swipes step along the lap. */
function useSwipe(step: (by: 1 | -1) => void) {
  const from = useRef<{ x: number; y: number } | null>(null);
  return {
    onTouchStart: (e: React.TouchEvent) => {
      const t = e.touches[0];
      from.current = t ? { x: t.clientX, y: t.clientY } : null;
    },
    onTouchEnd: (e: React.TouchEvent) => {
      const t = e.changedTouches[0];
      if (!t || !from.current) return;
      const [dx, dy] = [t.clientX - from.current.x, t.clientY - from.current.y];
      if (Math.abs(dx) > 70 && Math.abs(dx) > 2 * Math.abs(dy)) step(dx < 0 ? 1 : -1);
    },
  };
}
