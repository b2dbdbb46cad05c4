'use client';

import { Keyboard } from 'lucide-react';
import Link from 'next/link';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { boxOf } from '@/core/body/geometry';
import { toPanel } from '@/core/body/plan';
import type { View } from '@/core/body/zone';
import { recordsOf } from '@/core/records/reduce';
import { PlanDrawing } from '@/ui/body-plan/plan-drawing';
import { PlanLegend } from '@/ui/body-plan/plan-legend';
import { PlanZoom } from '@/ui/body-plan/plan-zoom';
import { findingPins, paintLooks } from '@/ui/body-plan/zone-looks';
import { USUAL_CEILING_UM } from '@/ui/gauge-ceiling';
import { usePreferences, useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { useWide } from '@/ui/use-wide';
import { sideWord } from '@/words/vocabulary';
import { zoneName } from '@/words/zones';
import { EntryLine } from './entry-line';
import { GaugeBar } from './gauge-bar';
import { KeysSheet } from './keys-sheet';
import { Tape } from './tape';
import { useGauge } from './use-gauge';
import { type KeyActions, useKeys } from './use-keys';
import { tellTaken, useTakeLine } from './use-take-line';
import type { Walking } from './walking';
import { ZoneCard } from './zone-card';

/** The walk round the car on its plan. */
export function Walk() {
  const { facts, plan } = useInspection();
  if (!plan) {
    return (
      <div className="grid flex-1 place-content-center gap-4 p-6 text-center">
        <p className="max-w-md text-lg">First say what car this is: its body style gives the plan to walk on.</p>
        <Link className="btn btn-main" href={`/lots/${facts.lot.id}/intake`}>
          Go to intake
        </Link>
      </div>
    );
  }
  return <WalkOnPlan />;
}

/** What this tab keeps in mind while one looks at other screens; a browser that keeps nothing begins anew. */
function recall(key: string): string | null {
  try {
    return sessionStorage.getItem(key);
  } catch {
    return null;
  }
}
function keepInMind(key: string, value: string): void {
  try {
    sessionStorage.setItem(key, value);
  } catch {}
}

function useWalking(): Walking & { lastLine: string } {
  const { plan, state } = useInspection();
  const [view, setView] = useState<View>('outside');
  const [zone, setZone] = useState(() => plan!.lap.outside.find((z) => z === 'hood') ?? plan!.lap.outside[0]!);
  const [place, setPlace] = useState<Walking['place']>(null);
  const { facts } = useInspection();
  const [lastLine, setLastLine] = useState('');
  const visits = recordsOf(state.records, 'visit');
  const visit = visits[visits.length - 1];
  const go = useCallback(
    (to: string) => {
      const target = plan!.zones.get(to);
      if (!target) return;
      setZone(to);
      setView(target.view);
      setPlace(null);
    },
    [plan],
  );
  // Coming back to the walk, one is at the panel one left.
  const left = `walk:${facts.id}`;
  const recalled = useRef(false);
  useEffect(() => {
    const held = recalled.current ? null : recall(left);
    recalled.current = true;
    if (held) go(held);
    else keepInMind(left, zone);
  }, [left, zone, go]);
  const lap = plan!.lap[view];
  return {
    view,
    zone,
    place,
    lastLine,
    visit: visit?.id ?? null,
    ceilingUm: visit?.body.gauge?.ceilingUm ?? USUAL_CEILING_UM,
    go,
    touch: setPlace,
    step: (by) => go(lap[(lap.indexOf(zone) + by + lap.length) % lap.length]!),
    show: (v) => plan!.lap[v].length > 0 && go(plan!.lap[v][0]!),
    remember: setLastLine,
  };
}

function WalkOnPlan() {
  const { plan, state, store, car, mayEdit, judgement } = useInspection();
  const [paint, coverage] = [judgement?.paint, judgement?.coverage];
  const { preferences, set } = usePreferences();
  const wording = useWording(car?.steering);
  const walking = useWalking();
  const line = useTakeLine(walking);
  const gauge = useGauge(walking);
  const [help, setHelp] = useState(false);
  const inputRef = useRef<HTMLInputElement>(null);
  const zone = plan!.zones.get(walking.zone)!;
  const looks = useMemo(
    () => (paint && coverage ? paintLooks(plan!, paint.zones, coverage, preferences.unit) : new Map()),
    [plan, paint, coverage, preferences.unit],
  );
  const pins = useMemo(() => findingPins(state.records), [state.records]);
  const dots = useMemo(() => {
    const own = recordsOf(state.records, 'reading').filter((r) => r.body.zone === walking.zone && r.body.place);
    const placed = own.map((r) => ({
      zone: r.body.zone,
      ...r.body.place!,
      kind: r.body.state === 'over' ? ('over' as const) : ('read' as const),
    }));
    const next = mayEdit ? (paint?.next ?? []).map((n) => ({ ...n, kind: 'next' as const })) : [];
    return [...placed, ...next];
  }, [state.records, paint, walking.zone, mayEdit]);
  const actions: KeyActions = {
    entry: () => inputRef.current?.focus(),
    step: walking.step,
    show: walking.show,
    clean: () => void line.take(line.read('ok')),
    blocked: () => document.querySelector<HTMLButtonElement>('[aria-label="Looks"] [aria-expanded]')?.click(),
    photo: () => document.querySelector<HTMLInputElement>('#walk-photos')?.click(),
    twin: () => zone.twin && walking.go(zone.twin),
    unit: () => set({ unit: preferences.unit === 'um' ? 'mil' : 'um' }),
    again: () => walking.lastLine && void line.take(line.read(walking.lastLine)),
    undo: () => tellTaken(store.undo(), 'Nothing of this page is left to take back.'),
    redo: () => tellTaken(store.redo(), 'Nothing was taken back that could be entered again.'),
    help: () => setHelp(true),
  };
  const held = useRef(actions);
  useEffect(() => {
    held.current = actions;
  });
  useKeys(held);
  const swipe = useSwipe(walking.step);
  const sheet = useRef<HTMLElement>(null);
  // Each panel's sheet begins at its top.
  // biome-ignore lint/correctness/useExhaustiveDependencies: when the panel changes
  useEffect(() => {
    if (sheet.current) sheet.current.scrollTop = 0;
  }, [walking.zone]);
  const wide = useWide();
  const onZone = useSteady((slug: string, at: readonly [number, number]) => {
    const p = toPanel(plan!.zones.get(slug)!, at);
    const place = { uMm: Math.round(p.uMm), vMm: Math.round(p.vMm) };
    // The first touch takes a panel in hand; a touch on the panel in hand says where on it.
    if (slug !== walking.zone) walking.go(slug);
    if (slug === walking.zone || gauge.practice) walking.touch(place);
    gauge.touch(slug, place.uMm, place.vMm);
  });
  const nameOf = useCallback((z: string) => zoneName(z, wording), [wording]);
  const sideWords = useMemo(
    () => ({ left: `${sideWord('left', wording)} side`, right: `${sideWord('right', wording)} side` }),
    [wording],
  );
  const near = useMemo(() => nearZone(plan!, walking.zone), [plan, walking.zone]);
  const drawing = {
    plan: plan!,
    view: walking.view,
    looks,
    pins,
    dots,
    selected: walking.zone,
    nameOf,
    title: 'Plan of the car',
    named: walking.view !== 'outside',
    onZone,
  };
  return (
    <>
      <Tape view={walking.view} onView={walking.show} />
      <div className="grid min-h-0 flex-1 grid-cols-1 grid-rows-[30dvh_minmax(0,1fr)_auto] lg:grid-cols-[minmax(0,1fr)_352px] lg:grid-rows-[minmax(0,1fr)_auto]">
        <div className="flex min-h-0 min-w-0 flex-col">
          <div className="relative min-h-0 flex-1 overflow-hidden">
            {wide ? (
              <PlanZoom key={walking.view}>
                <PlanDrawing {...drawing} className="h-full w-full" sideWords={sideWords} />
              </PlanZoom>
            ) : (
              <PlanDrawing {...drawing} frame={near} className="h-full w-full" labelSize={64} />
            )}
            {mayEdit && !gauge.connected && <GaugeBar gauge={gauge} touched={false} />}
            <button
              type="button"
              className="absolute right-2 bottom-2 hidden size-9 place-items-center rounded-cut border border-line bg-card lg:grid"
              onClick={() => setHelp(true)}
              aria-label="Keys"
            >
              <Keyboard size={16} aria-hidden="true" />
            </button>
          </div>
          {mayEdit && gauge.connected && <GaugeBar gauge={gauge} touched={walking.place !== null} />}
          <PlanLegend className="hidden lg:flex" film={walking.view === 'outside'} />
        </div>
        <aside
          ref={sheet}
          className="min-h-0 overflow-y-auto border-line bg-card lg:row-span-2 lg:border-l"
          aria-label="Zone in hand"
          {...swipe}
        >
          <ZoneCard key={walking.zone} zone={zone} walking={walking} />
        </aside>
        <EntryLine walking={walking} line={line} inputRef={inputRef} />
      </div>
      {help && <KeysSheet onClose={() => setHelp(false)} />}
    </>
  );
}

/** The part of the sheet round a zone, for narrow screens: the zone and its neighbours. */
function nearZone(plan: NonNullable<ReturnType<typeof useInspection>['plan']>, slug: string) {
  const zone = plan.zones.get(slug)!;
  const box = boxOf(zone.outline);
  const whole = plan.boxes[zone.view];
  const half = Math.max(1100, (box.maxX - box.minX) * 0.75);
  const [cx, cy] = [(box.minX + box.maxX) / 2, (box.minY + box.maxY) / 2];
  const clampX = Math.min(Math.max(cx, whole.minX + half), Math.max(whole.minX + half, whole.maxX - half));
  return { minX: clampX - half, maxX: clampX + half, minY: cy - half * 0.62, maxY: cy + half * 0.62 };
}

/** The same function for as long as the component stands; it does what the last render's did. */
function useSteady<A extends unknown[]>(does: (...args: A) => void): (...args: A) => void {
  const held = useRef(does);
  useEffect(() => {
    held.current = does;
  });
  return useCallback((...args: A) => held.current(...args), []);
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
