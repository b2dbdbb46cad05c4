import { seeded } from '../stats/random';
import type { StraightEdge } from './edge-tone';
import type { Point } from './homography';
import type { Pixels } from './pixels';
import { LUMA, lightAt, peakAt, slopeOf } from './sample';

/** House values of finding a card's edges. */
export const CARD_LIMITS = {
  /** How far from the taps the edges are searched, as a share of a side and in px. */
  reachShare: 0.06,
  leastReachPx: 6,
  mostReachPx: 48,
  /** Stretch of each side that is used: rounded corners and fingers are left out. */
  from: 0.12,
  to: 0.88,
  samples: 36,
  /** Step of the profiles, px, and how much an edge must change the light, of 255 over its width. */
  stepPx: 0.5,
  contrast: 10,
  /** An edge lies on the line within so many px and so large a share of the side. */
  onLinePx: 1.2,
  onLineShare: 0.006,
  /** Share of the samples that must lie on the line. */
  onLine: 0.55,
  /** Most bow of a side, mm at the card and px, before the card is not flat. */
  bowMm: 0.35,
  bowPx: 1.2,
  /** Error of a corner that could not be refined, px. */
  tapPx: 1.5,
  source: 'house starting values',
} as const;

export interface RefinedCard {
  /** Corners in the order given. */
  readonly corners: readonly [Point, Point, Point, Point];
  /** Root mean square distance of edge points from the four lines, px; null when the taps were kept. */
  readonly residualPx: number | null;
  /** Standard error of a corner, px. */
  readonly cornerSePx: number;
  /** Softness of the card's edges: standard deviation of the blur, px; null when not found. */
  readonly blurPx: number | null;
  /** Its sides as found; none when the taps were kept. */
  readonly edges: readonly StraightEdge[];
}

export type CardResult =
  | ({ readonly ok: true } & RefinedCard)
  | { readonly ok: false; readonly reason: 'card-not-flat' | 'unreadable' };

const { abs, hypot, max, min, sqrt } = Math;
/** Smoothing of the derivative across an edge, steps. */
const SMOOTHING_STEPS = 2;

interface Line {
  /** Offset from the tapped side along its normal, at its start and at its end, px. */
  readonly start: number;
  readonly end: number;
  readonly rms: number;
  readonly share: number;
  readonly bowPx: number;
  readonly n: number;
  readonly blurPx: number;
}

interface Candidate {
  /** Place along the side, 0 to 1, and offset along the normal, px. */
  readonly t: number;
  readonly offset: number;
  readonly strength: number;
  readonly blurPx: number;
}

/** A blur without what the smoothed derivative adds, px. */
const ownBlur = (seen: number) => sqrt(max(0.04, seen * seen - (SMOOTHING_STEPS * CARD_LIMITS.stepPx) ** 2));

/** Edge candidates of one polarity across one side. */
function candidatesOf(pixels: Pixels, a: Point, b: Point, reach: number, sign: 1 | -1): Candidate[] {
  const length = hypot(b[0] - a[0], b[1] - a[1]);
  const [tx, ty] = [(b[0] - a[0]) / length, (b[1] - a[1]) / length];
  const [nx, ny] = [-ty, tx];
  const steps = Math.round((2 * reach) / CARD_LIMITS.stepPx) + 1;
  const found: Candidate[] = [];
  for (let i = 0; i < CARD_LIMITS.samples; i++) {
    const t = CARD_LIMITS.from + ((CARD_LIMITS.to - CARD_LIMITS.from) * i) / (CARD_LIMITS.samples - 1);
    const profile = new Float64Array(steps);
    for (let k = 0; k < steps; k++) {
      const offset = -reach + k * CARD_LIMITS.stepPx;
      let sum = 0;
      for (const side of [-1, 0, 1])
        sum += lightAt(
          pixels,
          a[0] + tx * (t * length + side) + nx * offset,
          a[1] + ty * (t * length + side) + ny * offset,
          LUMA,
        );
      profile[k] = sum / 3;
    }
    const slope = slopeOf(profile, SMOOTHING_STEPS);
    for (let k = 1; k < steps - 1; k++) {
      const v = sign * slope[k]!;
      if (!(v > 0) || v < sign * slope[k - 1]! || v < sign * slope[k + 1]!) continue;
      // The step of light about the edge, from where the slope has fallen away on either side.
      const [lo, hi] = [max(0, k - 8), min(steps - 1, k + 8)];
      const step = sign * (profile[hi]! - profile[lo]!);
      if (!(step > CARD_LIMITS.contrast)) continue;
      const offset = -reach + peakAt(slope, k) * CARD_LIMITS.stepPx;
      found.push({ t, offset, strength: v, blurPx: ownBlur((step * CARD_LIMITS.stepPx) / (v * sqrt(2 * Math.PI))) });
    }
  }
  return found;
}

const DRAWS = 120;

/** The line that most of the strongest candidates lie on. */
function lineOf(candidates: readonly Candidate[], length: number): Line | null {
  if (candidates.length < 8) return null;
  const random = seeded(candidates.length);
  const tolerance = CARD_LIMITS.onLinePx + CARD_LIMITS.onLineShare * length;
  const pick = () => candidates[Math.floor(random() * candidates.length)]!;
  let best: { start: number; slope: number; score: number } | null = null;
  for (let d = 0; d < DRAWS; d++) {
    const [p, q] = [pick(), pick()];
    if (abs(p.t - q.t) < 0.25) continue;
    const slope = (q.offset - p.offset) / (q.t - p.t);
    const start = p.offset - slope * p.t;
    let score = 0;
    for (const c of candidates) if (abs(start + slope * c.t - c.offset) < tolerance) score += c.strength;
    if (!best || score > best.score) best = { start, slope, score };
  }
  if (!best) return null;
  const line = best;
  // One point a sample: the nearest to the line.
  const near = new Map<number, Candidate>();
  for (const c of candidates) {
    const off = abs(line.start + line.slope * c.t - c.offset);
    const held = near.get(c.t);
    if (off < tolerance && (!held || off < abs(line.start + line.slope * held.t - held.offset))) near.set(c.t, c);
  }
  const points = [...near.values()];
  if (points.length < 6) return null;
  let [start, slope] = leastSquares(points);
  const rest = (c: Candidate) => c.offset - start - slope * c.t;
  const spread = max(0.15, 1.4826 * median(points.map((c) => abs(rest(c)))));
  const kept = points.filter((c) => abs(rest(c)) < 3.5 * spread);
  [start, slope] = leastSquares(kept);
  return {
    start,
    end: start + slope,
    rms: sqrt(kept.reduce((s, c) => s + rest(c) ** 2, 0) / kept.length),
    share: points.length / CARD_LIMITS.samples,
    bowPx: bow(points, start, slope),
    n: kept.length,
    blurPx: median(kept.map((c) => c.blurPx)),
  };
}

function leastSquares(points: readonly Candidate[]): [start: number, slope: number] {
  const n = points.length;
  const [mt, mo] = [points.reduce((s, c) => s + c.t, 0) / n, points.reduce((s, c) => s + c.offset, 0) / n];
  const stt = points.reduce((s, c) => s + (c.t - mt) ** 2, 0);
  const slope = stt === 0 ? 0 : points.reduce((s, c) => s + (c.t - mt) * (c.offset - mo), 0) / stt;
  return [mo - slope * mt, slope];
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)] ?? 0;
}

/** How far the middle of the points lies off the chord of their ends: a parabola through the residuals. */
function bow(points: readonly Candidate[], start: number, slope: number): number {
  const basis = points.map((c) => 1 - (2 * c.t - 1) ** 2);
  const mean = basis.reduce((s, v) => s + v, 0) / basis.length;
  const q = basis.map((v) => v - mean);
  const qq = q.reduce((s, v) => s + v * v, 0);
  return qq === 0 ? 0 : abs(points.reduce((s, c, i) => s + q[i]! * (c.offset - start - slope * c.t), 0) / qq);
}

function crossing(p: Point, q: Point, r: Point, s: Point): Point | null {
  const [ax, ay, bx, by] = [q[0] - p[0], q[1] - p[1], s[0] - r[0], s[1] - r[1]];
  const det = ax * by - ay * bx;
  if (abs(det) < 1e-9) return null;
  const t = ((r[0] - p[0]) * by - (r[1] - p[1]) * bx) / det;
  return [p[0] + t * ax, p[1] + t * ay];
}

/**
 * A card's corners to sub-pixel from rough taps: each side's edge is looked for beside the tapped side, a line is fitted
 * through it (random samples, then least squares), and neighbouring lines are crossed. Corners in px, in the order given.
 * Where a card stands out too little from its ground the taps are kept, with their larger error. Refuses taps outside the
 * picture or in one line, and a card whose sides are bowed or not straight.
 */
export function refineCard(pixels: Pixels, taps: readonly Point[], mmPerPx: number): CardResult {
  if (taps.length !== 4) return { ok: false, reason: 'unreadable' };
  const inside = ([x, y]: Point) => x >= 0 && y >= 0 && x <= pixels.width - 1 && y <= pixels.height - 1;
  if (!taps.every(inside)) return { ok: false, reason: 'unreadable' };
  const sides = [0, 1, 2, 3].map((i) => {
    const [a, b] = [taps[i]!, taps[(i + 1) % 4]!];
    const length = hypot(b[0] - a[0], b[1] - a[1]);
    const reach = min(CARD_LIMITS.mostReachPx, max(CARD_LIMITS.leastReachPx, CARD_LIMITS.reachShare * length));
    const lines = ([1, -1] as const).map((sign) => lineOf(candidatesOf(pixels, a, b, reach, sign), length));
    const good = lines.filter((l): l is Line => l !== null).sort((p, q) => q.share - p.share || p.rms - q.rms);
    return { a, b, length, line: good[0] ?? null };
  });
  const lines = sides.map((s) => s.line);
  const found = lines.filter((l): l is Line => l !== null && l.share >= CARD_LIMITS.onLine);
  if (found.length < 4) {
    const tooBent = lines.some((l) => l !== null && l.share >= 0.25 && l.bowPx > 3 * CARD_LIMITS.bowPx);
    if (tooBent) return { ok: false, reason: 'card-not-flat' };
    return {
      ok: true,
      corners: taps as unknown as RefinedCard['corners'],
      residualPx: null,
      cornerSePx: CARD_LIMITS.tapPx,
      blurPx: null,
      edges: [],
    };
  }
  if (found.some((l) => l.bowPx > CARD_LIMITS.bowPx && l.bowPx * mmPerPx > CARD_LIMITS.bowMm))
    return { ok: false, reason: 'card-not-flat' };
  const ends = sides.map(({ a, b, length }, i) => {
    const [nx, ny] = [-(b[1] - a[1]) / length, (b[0] - a[0]) / length];
    const l = found[i]!;
    return [
      [a[0] + nx * l.start, a[1] + ny * l.start],
      [b[0] + nx * l.end, b[1] + ny * l.end],
    ] as const;
  });
  const corners = [0, 1, 2, 3].map((i) => {
    const [before, after] = [ends[(i + 3) % 4]!, ends[i]!];
    return crossing(before[0], before[1], after[0], after[1]);
  });
  if (corners.some((c) => c === null)) return { ok: false, reason: 'unreadable' };
  const rms = sqrt(found.reduce((s, l) => s + l.rms ** 2, 0) / 4);
  const n = min(...found.map((l) => l.n));
  return {
    ok: true,
    corners: corners as unknown as RefinedCard['corners'],
    residualPx: rms,
    // A fitted line at its end is about twice as unsure as in its middle; 0.05 px for what all edges share.
    cornerSePx: hypot((2 * max(rms, 0.1)) / sqrt(n), 0.05),
    blurPx: median(found.map((l) => l.blurPx)),
    edges: ends.map(([from, to], i) => ({ from, to, blurPx: found[i]!.blurPx })),
  };
}
