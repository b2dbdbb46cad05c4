import { mirrorSlug } from './plan';
import { STYLES } from './styles';
import { EVERYTHING_FITTED, withFitted } from './styles/options';

/** Every zone slug of every style with everything fitted, sorted. */
export const ALL_ZONES: readonly string[] = [
  ...new Set(
    STYLES.flatMap((s) =>
      withFitted(s, EVERYTHING_FITTED).zones.flatMap((z) =>
        [z.slug, mirrorSlug(z.slug)].filter((x): x is string => x !== null),
      ),
    ),
  ),
].sort();

/** Number of single-letter edits between two words (Levenshtein 1966, two-row form). */
export function editDistance(a: string, b: string): number {
  let row = Array.from({ length: b.length + 1 }, (_, i) => i);
  for (let i = 1; i <= a.length; i++) {
    const next = [i];
    for (let j = 1; j <= b.length; j++) {
      next[j] = Math.min(row[j]! + 1, next[j - 1]! + 1, row[j - 1]! + (a[i - 1] === b[j - 1] ? 0 : 1));
    }
    row = next;
  }
  return row[b.length]!;
}

/** The known slug that is spelled most like the given one. */
export function nearestZone(slug: string, known: Iterable<string> = ALL_ZONES): string {
  const wanted = slug.toLowerCase();
  const part = wanted.split('.')[0]!;
  let best = '';
  let bestDistance = Infinity;
  for (const candidate of known) {
    // A slip in the part's own name is likelier to be spelling than a slip that makes another part of it.
    const d = editDistance(wanted, candidate) + editDistance(part, candidate.split('.')[0]!) * 2;
    if (d < bestDistance) {
      best = candidate;
      bestDistance = d;
    }
  }
  return best;
}
