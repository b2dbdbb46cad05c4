'use client';

import { Keyboard } from 'lucide-react';
import { useCallback, useEffect, useMemo, useRef } from 'react';
import { boxOf } from '@/core/body/geometry';
import { type Plan, toPanel } from '@/core/body/plan';
import type { WeakPlace } from '@/core/metal/weak-places';
import { DotsOver, PlanDrawing } from '@/ui/body-plan/plan-drawing';
import { PlanLegend } from '@/ui/body-plan/plan-legend';
import { PlanZoom } from '@/ui/body-plan/plan-zoom';
import { weakDots } from '@/ui/body-plan/weak-dots';
import { findingPins, paintLooks } from '@/ui/body-plan/zone-looks';
import { usePreferences, useWording } from '@/ui/preferences';
import { useCar, useJudged, useLot, useRecords } from '@/ui/records/inspection';
import { useRighted } from '@/ui/records/use-righted';
import { useWide } from '@/ui/use-wide';
import { sideWord } from '@/words/vocabulary';
import { zoneName } from '@/words/zones';
import { GaugeBar } from './gauge-bar';
import type { GaugeHand } from './use-gauge';
import type { Walking } from './walking';

const NO_PLACES: readonly WeakPlace[] = [];

/** What the plan shows of the view in hand: film, findings, readings of the zone in hand, where to measure next. */
function useDrawn(walking: Walking) {
  const { plan } = useCar();
  const { mayEdit } = useLot();
  const { unit } = usePreferences().preferences;
  const paint = useJudged((j) => j.judgement?.paint ?? null);
  const coverage = useJudged((j) => j.judgement?.coverage ?? null);
  const places = useJudged((j) => j.judgement?.metal.places ?? NO_PLACES);
  const findings = useRecords('finding');
  const own = useRecords('reading', (r) => r.body.zone === walking.zone && r.body.place !== null);
  const looks = useMemo(
    () => (paint && coverage ? paintLooks(plan!, paint.zones, coverage, unit) : new Map()),
    [plan, paint, coverage, unit],
  );
  const righted = useRighted();
  const pins = useMemo(() => findingPins(findings.filter((f) => !righted.has(f.id))), [findings, righted]);
  const dots = useMemo(() => {
    const placed = own.map((r) => ({
      zone: r.body.zone,
      ...r.body.place!,
      kind: r.body.state === 'over' ? ('over' as const) : ('read' as const),
    }));
    const next = mayEdit ? (paint?.next ?? []).map((n) => ({ ...n, kind: 'next' as const })) : [];
    return [...weakDots(places), ...placed, ...next];
  }, [own, paint, places, mayEdit]);
  return { looks, pins, dots };
}

/** The plan of the walk, with the gauge beside it. */
export function WalkPlan({ walking, gauge, onKeys }: { walking: Walking; gauge: GaugeHand; onKeys: () => void }) {
  const { plan, car } = useCar();
  const { mayEdit } = useLot();
  const wording = useWording(car?.steering);
  const wide = useWide();
  const { dots, ...drawn } = useDrawn(walking);
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
    ...drawn,
    selected: walking.zone,
    nameOf,
    title: 'Plan of the car',
    named: walking.view !== 'outside',
    onZone,
  };
  return (
    <div className="relative flex min-h-0 min-w-0 flex-col">
      <div className="relative min-h-0 flex-1 overflow-hidden">
        {wide ? (
          <PlanZoom key={walking.view}>
            <div className="relative h-full w-full">
              <PlanDrawing {...drawing} className="h-full w-full" sideWords={sideWords} />
              <DotsOver plan={plan!} view={walking.view} dots={dots} />
            </div>
          </PlanZoom>
        ) : (
          <>
            <PlanDrawing {...drawing} frame={near} className="h-full w-full" labelSize={64} />
            <DotsOver plan={plan!} view={walking.view} frame={near} dots={dots} />
          </>
        )}
      </div>
      {mayEdit && gauge.connected && <GaugeBar gauge={gauge} touched={walking.place !== null} />}
      <div className="absolute top-1 left-1 flex items-center gap-2 lg:static lg:border-t lg:border-line lg:px-2 lg:py-0.5">
        <PlanLegend className="hidden min-w-0 flex-1 lg:flex" film={walking.view === 'outside'} />
        {mayEdit && !gauge.connected && <GaugeBar gauge={gauge} touched={false} />}
        <button
          type="button"
          className="hidden size-9 shrink-0 place-items-center rounded-cut border border-line bg-card lg:grid"
          onClick={onKeys}
          aria-label="Keys"
        >
          <Keyboard size={16} aria-hidden="true" />
        </button>
      </div>
    </div>
  );
}

/** The part of the sheet round a zone, for narrow screens: the zone and its neighbours. */
function nearZone(plan: Plan, slug: string) {
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
