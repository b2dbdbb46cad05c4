import { mirrorSlug, seamSlug } from '../body/plan';
import type { Estimate } from '../stats/estimate';
import type { SeamFit } from './seams';

/** A left seam against the right one, by their means. */
export interface TwinSeams {
  readonly seam: string;
  readonly twin: string;
  readonly differMm: Estimate;
}

/** The right seam to a left one, where both were measured: a list of one, or empty. */
export function twinOf(fit: SeamFit, seams: ReadonlyMap<string, SeamFit>): readonly TwinSeams[] {
  if (!fit.seam.includes('.left')) return [];
  const [a, b] = fit.seam.split('|') as [string, string];
  const twin = seams.get(seamSlug(mirrorSlug(a) ?? a, mirrorSlug(b) ?? b));
  if (!twin || twin.seam === fit.seam || fit.meanMm.value === null || twin.meanMm.value === null) return [];
  const value = fit.meanMm.value - twin.meanMm.value;
  const half = Math.hypot((fit.meanMm.high! - fit.meanMm.low!) / 2, (twin.meanMm.high! - twin.meanMm.low!) / 2);
  return [
    {
      seam: fit.seam,
      twin: twin.seam,
      differMm: { value, low: value - half, high: value + half, n: fit.meanMm.n + twin.meanMm.n },
    },
  ];
}
