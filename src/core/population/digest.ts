import { FLAWS } from '../catalogue/flaws/catalogue';
import { canonicalText, sha256Hex } from '../seal/seal';
import { HISTORY, INCIDENCE } from './incidence';
import type { Numbers } from './looked';

/** Digest of all numbers that a yardstick follows from: another one means that it was measured with other numbers. */
export function digestOf(numbers: Numbers): string {
  const { grade, work, paintLosses, findingCaps, identityCaps } = numbers;
  const text = canonicalText({
    incidence: INCIDENCE,
    history: HISTORY,
    flaws: FLAWS.map(({ id, takes, takesNamed, sort }) => ({
      id,
      takes,
      takesNamed: takesNamed ?? null,
      sort: sort ?? '',
    })),
    // What widens an interval, names a band or is noticed moves no made car.
    grade: { ...grade, bands: [], notice: null, judgementSd: 0 },
    work,
    paintLosses,
    findingCaps,
    identityCaps,
  });
  return sha256Hex(text).slice(0, 16);
}
