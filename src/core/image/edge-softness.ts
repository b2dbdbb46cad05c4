import type { Point } from './homography';
import type { Pixels } from './pixels';
import { LUMA, lightAt } from './sample';

/** Where and how far an edge is looked across; shares of the side. */
const SOFTNESS = { points: 15, inset: 0.15, reachShare: 0.12, leastReachPx: 12, stepPx: 0.5, leastStep: 12 } as const;
/** Distance between the quarter and three-quarter points of a Gaussian edge, in its standard deviations. */
const QUARTERS_SD = 1.349;

/**
 * How soft the sides of a four-cornered thing are, px standard deviation: the middle half of the rise across each side, at
 * places along it by themselves, so that a bent side with sharp edges is sharp. Null without an edge of enough contrast.
 */
export function edgeSoftnessPx(pixels: Pixels, corners: readonly Point[]): number | null {
  const bySide = corners.flatMap((a, i) => {
    const b = corners[(i + 1) % corners.length]!;
    const length = Math.hypot(b[0] - a[0], b[1] - a[1]);
    const widths = Array.from({ length: SOFTNESS.points }, (_, k) => {
      const t = SOFTNESS.inset + (1 - 2 * SOFTNESS.inset) * (k / (SOFTNESS.points - 1));
      return riseAt(pixels, [a[0] + t * (b[0] - a[0]), a[1] + t * (b[1] - a[1])], a, b, length);
    }).filter((w): w is number => w !== null);
    return widths.length >= SOFTNESS.points / 3 ? [middle(widths)] : [];
  });
  // A camera that moved along one side leaves that side sharp: the softer ones tell.
  return bySide.length === 0 ? null : middle(bySide.sort((x, y) => x - y).slice(Math.floor(bySide.length / 2)));
}

function middle(values: readonly number[]): number {
  return [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;
}

/** The standard deviation of the rise across one place, px; null where there is no step. */
function riseAt(pixels: Pixels, at: Point, a: Point, b: Point, length: number): number | null {
  const [nx, ny] = [-(b[1] - a[1]) / length, (b[0] - a[0]) / length];
  const reach = Math.max(SOFTNESS.leastReachPx, SOFTNESS.reachShare * length);
  const n = Math.floor(reach / SOFTNESS.stepPx);
  const profile = Array.from({ length: 2 * n + 1 }, (_, k) => {
    const s = (k - n) * SOFTNESS.stepPx;
    return lightAt(pixels, at[0] + nx * s, at[1] + ny * s, LUMA);
  });
  // Off the picture there is no light to compare.
  const v = profile.filter((x) => !Number.isNaN(x));
  if (v.length < profile.length / 2) return null;
  const end = Math.max(2, Math.floor(v.length / 8));
  const mean = (list: readonly number[]) => list.reduce((s, x) => s + x, 0) / list.length;
  const [low, high] = [mean(v.slice(0, end)), mean(v.slice(-end))];
  if (Math.abs(high - low) < SOFTNESS.leastStep) return null;
  const share = v.map((x) => (x - low) / (high - low));
  const last = share.findLastIndex((x) => x < 0.25);
  const first = share.findIndex((x, i) => i > last && x >= 0.75);
  return last < 0 || first < 0 ? null : ((first - last) * SOFTNESS.stepPx) / QUARTERS_SD;
}
