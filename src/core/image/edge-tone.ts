import type { Point } from './homography';
import type { Pixels } from './pixels';
import { LUMA, lightAt, type Tone, toneOf } from './sample';

/** What is believed of a picture before its edges are looked at: between a lens and a program; and how firmly (house values). */
const USUAL = 1.6;
const BELIEF = 1e-4;
/** The change of light across an edge, of 255, that counts fully. */
const FULL_STEP = 100;

/** Powers that are tried: from coded values as they are to linear light. */
const EXPONENTS = [0.6, 1, 1.4, 1.8, 2.2, 2.6] as const;
const TONES = EXPONENTS.map(toneOf);
/** What a picture's tone can be. */
const [LEAST, MOST, FINE] = [1, 2.4, 0.05];
const STEP_PX = 0.25;
const LEAST_STEP = 40;
const MOST_ALONG = 120;
/** How often an edge's middle and its plateaus are told from one another, and how much further than those is looked. */
const ROUNDS = 3;
const FURTHER = 1.5;
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

/** Mean of the profile's places from one to another, both kept inside it. */
function meanBetween(profile: Float64Array, from: number, to: number): number {
  const [a, b] = [max(0, round(from)), min(profile.length - 1, round(to))];
  let sum = 0;
  for (let k = a; k <= b; k++) sum += profile[k]!;
  return sum / (b - a + 1);
}

/** Where a profile passes a level nearest to a place, steps; null where it does not. */
function passing(profile: Float64Array, level: number, sign: number, near: number): number | null {
  let best: number | null = null;
  for (let k = 1; k < profile.length; k++) {
    const [a, b] = [sign * (profile[k - 1]! - level), sign * (profile[k]! - level)];
    if (!(a < 0 && b >= 0)) continue;
    const at = k - 1 + a / (a - b);
    if (best === null || abs(at - near) < abs(best - near)) best = at;
  }
  return best;
}

/**
 * How lopsided an edge is: how much longer its bright half is than its dark one, as a share of both. The plateaus are taken
 * equally far either side of the edge's own middle, which moves with the tone.
 */
function lopsided(profile: Float64Array, reachSteps: number): { skew: number; step: number } {
  const n = max(2, round(0.8 / STEP_PX));
  let middle = (profile.length - 1) / 2;
  let [from, to] = [0, 0];
  for (let round = 0; round < ROUNDS; round++) {
    from = meanBetween(profile, middle - reachSteps, middle - reachSteps + n - 1);
    to = meanBetween(profile, middle + reachSteps - n + 1, middle + reachSteps);
    const half = passing(profile, (from + to) / 2, to > from ? 1 : -1, middle);
    if (half === null) return { skew: 0, step: 0 };
    middle = half;
  }
  const sign = to > from ? 1 : -1;
  const [a, b] = [0.2, 0.8].map((share) => passing(profile, from + share * (to - from), sign, middle));
  if (a === null || b === null || a === undefined || b === undefined || b <= a) return { skew: 0, step: 0 };
  return { skew: (sign * (b - middle - (middle - a))) / (b - a), step: abs(to - from) };
}

/**
 * The power of coded values under which blur has kept this picture's edges symmetric: a lens blurs light, a program often
 * blurs coded values, and the place of an edge differs by a good part of the blur between the two. Read from straight
 * edges between even areas, such as a card's; where they do not stand out enough to tell, half-way between the two.
 */
export function edgeExponent(pixels: Pixels, edges: readonly StraightEdge[]): number {
  const sides: { weight: number; skews: number[] }[] = [];
  for (const edge of edges) {
    const reach = min(9, max(2.2, 2.4 * edge.blurPx + 0.5));
    const found = TONES.map((tone) => lopsided(across(pixels, edge, FURTHER * reach, tone), reach / STEP_PX));
    const step = found[EXPONENTS.indexOf(1)]!.step;
    if (step >= LEAST_STEP) sides.push({ weight: step * step, skews: found.map((f) => f.skew) });
  }
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
    const held = off / FULL_STEP ** 2 + BELIEF * (e - USUAL) ** 2;
    if (held < least) [best, least] = [e, held];
  }
  return best;
}
