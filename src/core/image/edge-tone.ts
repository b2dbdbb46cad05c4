import type { Point } from './homography';
import type { Pixels } from './pixels';
import { LUMA, lightAt, type Tone, toneOf } from './sample';

/** Powers that are tried: from coded values as they are to linear light. */
const EXPONENTS = [0.6, 1, 1.4, 1.8, 2.2, 2.6] as const;
const TONES = EXPONENTS.map(toneOf);
/** What a picture's tone can be. */
const [LEAST, MOST, FINE] = [1, 2.4, 0.05];
const STEP_PX = 0.25;
const LEAST_STEP = 40;
const MOST_ALONG = 120;
const { abs, hypot, max, min, round } = Math;

/** A straight edge on the picture between two even areas, px. */
export interface StraightEdge {
  readonly from: Point;
  readonly to: Point;
  readonly blurPx: number;
}

/** Mean profile across an edge under one tone. */
function across(pixels: Pixels, { from, to }: StraightEdge, reach: number, tone: Tone): Float64Array {
  const length = hypot(to[0] - from[0], to[1] - from[1]);
  const [nx, ny] = [-(to[1] - from[1]) / length, (to[0] - from[0]) / length];
  const steps = 2 * round(reach / STEP_PX) + 1;
  const out = new Float64Array(steps);
  const along = min(MOST_ALONG, max(12, round(0.7 * length)));
  for (let k = 0; k < steps; k++) {
    const d = (k - (steps - 1) / 2) * STEP_PX;
    let sum = 0;
    for (let i = 0; i < along; i++) {
      const t = 0.15 + (0.7 * i) / (along - 1);
      sum += lightAt(
        pixels,
        from[0] + (to[0] - from[0]) * t + nx * d,
        from[1] + (to[1] - from[1]) * t + ny * d,
        LUMA,
        tone,
      );
    }
    out[k] = sum / along;
  }
  return out;
}

/** Mean of the first or last places of a profile. */
function plateau(profile: Float64Array, last: boolean): number {
  const n = max(2, round(0.8 / STEP_PX));
  let sum = 0;
  for (let k = 0; k < n; k++) sum += profile[last ? profile.length - 1 - k : k]!;
  return sum / n;
}

/** Where a profile that goes from one plateau to the other passes a share of the way, steps; null when it does not. */
function passing(profile: Float64Array, from: number, to: number, share: number): number | null {
  const level = from + share * (to - from);
  const sign = to > from ? 1 : -1;
  for (let k = 1; k < profile.length; k++) {
    const [a, b] = [sign * (profile[k - 1]! - level), sign * (profile[k]! - level)];
    if (a < 0 && b >= 0) return k - 1 + a / (a - b);
  }
  return null;
}

/** How lopsided an edge is: how much longer its bright half is than its dark one, as a share of both. */
function lopsided(profile: Float64Array): { skew: number; step: number } {
  const [from, to] = [plateau(profile, false), plateau(profile, true)];
  const at = [0.2, 0.5, 0.8].map((s) => passing(profile, from, to, s));
  const [a, m, b] = at;
  const step = abs(to - from);
  if (a === null || m === null || b === null || a === undefined || m === undefined || b === undefined || b <= a)
    return { skew: 0, step: 0 };
  const skew = (b - m - (m - a)) / (b - a);
  return { skew: to > from ? skew : -skew, step };
}

/**
 * The power of coded values under which blur has kept this picture's edges symmetric: a lens blurs light, a program often
 * blurs coded values, and the place of an edge differs by a good part of the blur between the two. Read from straight
 * edges between even areas, such as a card's. Null when no edge stands out enough to tell.
 */
export function edgeExponent(pixels: Pixels, edges: readonly StraightEdge[]): number | null {
  const sides: { weight: number; skews: number[] }[] = [];
  for (const edge of edges) {
    const reach = min(9, max(2.2, 2.4 * edge.blurPx + 0.5));
    const found = TONES.map((tone) => lopsided(across(pixels, edge, reach, tone)));
    const step = found[EXPONENTS.indexOf(1)]!.step;
    if (step >= LEAST_STEP) sides.push({ weight: step * step, skews: found.map((f) => f.skew) });
  }
  if (sides.length === 0) return null;
  // The power under which all sides together are least lopsided; between the powers tried, straight lines.
  let best = LEAST;
  let least = Number.POSITIVE_INFINITY;
  for (let e = LEAST; e <= MOST + 1e-9; e += FINE) {
    const k = max(
      1,
      EXPONENTS.findIndex((v) => v >= e),
    );
    const share = (e - EXPONENTS[k - 1]!) / (EXPONENTS[k]! - EXPONENTS[k - 1]!);
    const off = sides.reduce(
      (t, s) => t + s.weight * (s.skews[k - 1]! + share * (s.skews[k]! - s.skews[k - 1]!)) ** 2,
      0,
    );
    if (off < least) [best, least] = [e, off];
  }
  return best;
}
