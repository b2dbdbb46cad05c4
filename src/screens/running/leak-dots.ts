import { boxOf } from '@/core/body/geometry';
import type { Plan } from '@/core/body/plan';
import type { JudgedLeaks } from '@/core/leaks/model';
import type { DotsProps } from '@/ui/body-plan/plan-types';

/** Places of leaks on the plan: wet ones filled, dry ones ticked, the next look standing out. */
export function leakDots(plan: Plan, { layout, wet, answer }: JudgedLeaks): DotsProps['dots'] {
  const at = (place: string, kind: DotsProps['dots'][number]['kind']): DotsProps['dots'] => {
    const on = layout.get(place)?.on;
    const zone = on ? plan.zones.get(on.zone) : undefined;
    if (!on || !zone) return [];
    const box = boxOf(zone.outline);
    return [{ zone: zone.slug, uMm: on.u * (box.maxX - box.minX), vMm: on.v * (box.maxY - box.minY), kind }];
  };
  const dry = wet.filter(
    (w) => w.body.amount === 'dry' && !wet.some((o) => o.body.place === w.body.place && o.body.amount !== 'dry'),
  );
  return [
    ...dry.flatMap((w) => at(w.body.place, 'weak-sound')),
    ...wet.filter((w) => w.body.amount !== 'dry').flatMap((w) => at(w.body.place, 'weak-found')),
    ...(answer.next ? at(answer.next.look, 'weak-raised') : []),
  ];
}
