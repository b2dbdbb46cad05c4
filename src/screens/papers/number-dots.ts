import { boxOf } from '@/core/body/geometry';
import { type Plan, toPanel } from '@/core/body/plan';
import { NUMBER_PLACES, NUMBER_ZONES } from '@/core/catalogue/papers';
import type { JudgedIdentity } from '@/core/identity/model';
import type { DotsProps } from '@/ui/body-plan/plan-types';

/** How far apart the marks of one zone stand, and how far from its name, mm. */
const APART_MM = 140;
const [BELOW_NAME_MM, BESIDE_NAME_MM] = [130, 300] as const;

/** Places on the car where numbers live: ticked where one was read, filled where it differs, standing out where it asks, open else. */
export function numberDots(plan: Plan, { numbers, differs, lookAgain }: JudgedIdentity): DotsProps['dots'] {
  const ids = (list: readonly { readonly record: { readonly id: string } }[]) => new Set(list.map((n) => n.record.id));
  const [odd, asks] = [ids(differs), ids(lookAgain)];
  const taken = new Map<string, number>();
  return NUMBER_PLACES.flatMap((place) => {
    const own = numbers.filter((n) => n.record.body.place === place);
    const slug = NUMBER_ZONES[place].find((z) => plan.zones.has(z));
    const zone = slug ? plan.zones.get(slug) : undefined;
    if (!zone) return [];
    const n = taken.get(zone.slug) ?? 0;
    taken.set(zone.slug, n + 1);
    const { uMm, vMm } = toPanel(zone, zone.label);
    const kind = own.some((x) => odd.has(x.record.id))
      ? ('weak-found' as const)
      : own.some((x) => asks.has(x.record.id))
        ? ('weak-raised' as const)
        : own.length > 0
          ? ('weak-sound' as const)
          : ('weak-unseen' as const);
    // Along the longer side of the place, clear of its name.
    const box = boxOf(zone.outline);
    const tall = box.maxY - box.minY > box.maxX - box.minX;
    const at = tall
      ? { uMm, vMm: vMm + BESIDE_NAME_MM + n * APART_MM }
      : { uMm: uMm + (n - 0.5) * APART_MM, vMm: vMm + BELOW_NAME_MM };
    return [{ zone: zone.slug, ...at, kind }];
  });
}
