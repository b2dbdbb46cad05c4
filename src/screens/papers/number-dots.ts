import { type Plan, toPanel } from '@/core/body/plan';
import { NUMBER_PLACES, NUMBER_ZONES } from '@/core/catalogue/papers';
import type { JudgedIdentity } from '@/core/identity/model';
import type { DotsProps } from '@/ui/body-plan/plan-types';

/** How far apart the marks of one zone stand, mm. */
const APART_MM = 140;

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
    return [{ zone: zone.slug, uMm: uMm + n * APART_MM, vMm, kind }];
  });
}
