import type { Point } from '../../image/homography';
import { quantile } from '../../stats/quantile';
import { GAP_LIMITS } from '../gap-limits';
import type { SeamStrip } from '../seam-strip';
import { COARSE_ROWS, type SlotPair } from '../slot';

const { abs, floor, max, min, round } = Math;

/** The slot's middle line on the plane, mm: at every row, averaged along some way; the drawn line where no slot was seen. */
export function middleOf(strip: SeamStrip, path: readonly (SlotPair | null)[]): Point[] {
  const centre = (strip.cols - 1) / 2;
  const offs = path.map((p) => (p ? ((p.left + p.right) / 2 - centre) * strip.colMm : null));
  const reach = round(GAP_LIMITS.smoothMm / (COARSE_ROWS * strip.rowMm));
  return strip.at.map((p, row) => {
    const i = row / COARSE_ROWS;
    let [sum, weight] = [0, 0];
    for (let k = max(0, floor(i - reach)); k <= min(offs.length - 1, floor(i + reach) + 1); k++) {
      const off = offs[k];
      const w = 1 - abs(k - i) / (reach + 1);
      if (off === null || off === undefined || w <= 0) continue;
      sum += w * off;
      weight += w;
    }
    const t = weight > 0 ? sum / weight : 0;
    return [p.x + t * p.nx, p.y + t * p.ny] as const;
  });
}

/** The slot's middle at a row and its slope, columns per row: a line through the places within some reach. */
export function middleLine(path: readonly (SlotPair | null)[]): (row: number) => { at: number; slope: number } | null {
  const reach = 8;
  return (row) => {
    const here = row / COARSE_ROWS;
    const near = path.flatMap((pair, i) =>
      pair && abs(i - here) <= reach ? [{ x: i * COARSE_ROWS - row, y: (pair.left + pair.right) / 2 }] : [],
    );
    if (near.length < 3) return null;
    // The median of slopes between points (Theil and Sen): a wild place does not turn it.
    const slopes = near.flatMap((p, i) =>
      near.slice(i + 1).flatMap((q) => (abs(q.x - p.x) >= 4 ? [(q.y - p.y) / (q.x - p.x)] : [])),
    );
    slopes.sort((a, b) => a - b);
    const slope = quantile(slopes, 0.5) ?? 0;
    const offsets = near.map((p) => p.y - slope * p.x).sort((a, b) => a - b);
    return { at: quantile(offsets, 0.5)!, slope };
  };
}
