'use client';

import { useMemo } from 'react';
import { boxOf } from '@/core/body/geometry';
import type { Plan } from '@/core/body/plan';
import type { Cell } from '@/core/coverage/coverage';
import type { Bay } from '@/core/metal/bays';
import { bayName } from '@/words/bays';
import type { Wording } from '@/words/vocabulary';
import { zoneName } from '@/words/zones';
import { PlanDrawing } from '../body-plan/plan-drawing';
import { aspectLooks, findingPins } from '../body-plan/zone-looks';

/** A bay on a plan of its own: its pieces by what was looked at, what was found in them, what lies round it faint. */
export function BayPlan({
  plan,
  bay,
  cells,
  wording,
  selected,
  onZone,
  className,
}: {
  plan: Plan;
  bay: Bay;
  cells: readonly Cell[];
  wording: Wording;
  selected?: string;
  onZone?: (zone: string) => void;
  className?: string;
}) {
  const drawn = useMemo(() => {
    const own = cells.filter((c) => bay.zones.includes(c.zone.slug));
    const metal = own.filter((c) => c.aspect === 'corrosion' || c.aspect === 'structure');
    const looks = aspectLooks(plan, metal);
    const findings = own.flatMap((c) => c.findings);
    const frame = boxOf(bay.zones.flatMap((z) => plan.zones.get(z)!.outline));
    return { looks, frame, pins: findingPins(findings).map((p) => ({ ...p, large: true })) };
  }, [plan, bay, cells]);
  return (
    <PlanDrawing
      plan={plan}
      view={bay.view}
      {...drawn}
      {...(selected && { selected })}
      {...(onZone && { onZone: (z: string) => bay.zones.includes(z) && onZone(z) })}
      nameOf={(z) => zoneName(z, wording)}
      title={`Plan: ${bayName(bay.id, wording)}`}
      className={className ?? 'h-full w-full'}
    />
  );
}
