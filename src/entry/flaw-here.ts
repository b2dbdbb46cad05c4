import { type Aspect, partOf, type Zone } from '@/core/body/zone';
import { flawById } from '@/core/catalogue/flaws/by-id';

/** The aspect of a zone that a flaw would be of; null where the zone is not made of what the flaw can befall. */
export function flawHere(id: string, zone: Zone): Aspect | null {
  const { aspects, only, alsoAt } = flawById(id);
  const part = partOf(zone.slug);
  if (only && !only.includes(part)) return null;
  const own = aspects.find((a) => zone.aspects.includes(a));
  return own ?? (alsoAt?.includes(part) ? (aspects[0] ?? null) : null);
}
