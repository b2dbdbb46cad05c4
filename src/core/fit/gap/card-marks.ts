import { type Homography, mapped, type Point } from '../../image/homography';
import type { Pixels } from '../../image/pixels';
import { LUMA, lightAt } from '../../image/sample';
import { GAP_LIMITS } from '../gap-limits';

const { floor, hypot, max, min } = Math;
const { isFinite: known } = Number;

/** How far the worst of a card's inner marks lies from its place, mm; null when none of them is seen. */
export function worstMarkMm(pixels: Pixels, toPicture: Homography, marks: readonly Point[]): number | null {
  const steps = 24;
  const found = marks.flatMap(([x, y]) => {
    const places = Array.from({ length: steps * steps }, (_, k) => {
      const [u, v] = [
        x + (((k % steps) + 0.5) / steps - 0.5) * GAP_LIMITS.markSearchMm,
        y + ((floor(k / steps) + 0.5) / steps - 0.5) * GAP_LIMITS.markSearchMm,
      ];
      const p = mapped(toPicture, u, v);
      return { u, v, light: p ? lightAt(pixels, p[0], p[1], LUMA) : Number.NaN };
    }).filter((p) => known(p.light));
    const lights = places.map((p) => p.light);
    const [dark, bright] = [min(...lights), max(...lights)];
    if (!(bright - dark > GAP_LIMITS.markContrast)) return [];
    let [su, sv, n] = [0, 0, 0];
    for (const p of places) {
      const w = max(0, (dark + bright) / 2 - p.light);
      su += w * p.u;
      sv += w * p.v;
      n += w;
    }
    return n > 0 ? [hypot(su / n - x, sv / n - y)] : [];
  });
  return found.length === 0 ? null : max(...found);
}
