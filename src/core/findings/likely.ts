import { partOf, type Zone } from '../body/zone';
import { FLAWS } from '../catalogue/flaws/catalogue';
import type { Flaw } from '../catalogue/flaws/flaw';
import type { StoredRecord } from '../kinds';

/** Whether a flaw can be found at a zone: by its aspects, or as one that this part alone can have. */
export function fitsZone(flaw: Flaw, zone: Zone): boolean {
  const part = partOf(zone.slug);
  if (flaw.alsoAt?.includes(part)) return true;
  if (flaw.only && !flaw.only.includes(part)) return false;
  return flaw.aspects.some((a) => zone.aspects.includes(a));
}

/**
 * The flaws that a zone can have, those first that were found on this car, the commonest first: one that stands on one panel
 * is soon entered on the next. Others in the order of the catalogue.
 */
export function likelyFlaws(
  zone: Zone,
  found: readonly StoredRecord<'finding'>[],
): { readonly used: readonly Flaw[]; readonly others: readonly Flaw[] } {
  const times = new Map<string, number>();
  for (const { body } of found) times.set(body.flaw, (times.get(body.flaw) ?? 0) + 1);
  const fit = FLAWS.filter((f) => fitsZone(f, zone));
  const used = fit.filter((f) => times.has(f.id)).sort((a, b) => times.get(b.id)! - times.get(a.id)!);
  return { used, others: fit.filter((f) => !times.has(f.id)) };
}
