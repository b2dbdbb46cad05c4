import { seeded } from '../stats/random';
import type { StraightEdge } from './edge-tone';
import type { Point } from './homography';
import type { Pixels } from './pixels';
import { AS_CODED, LUMA, lightAt, peakAt, slopeOf, type Tone } from './sample';

/** House values of finding a card's edges. */
export const CARD_LIMITS = {
  /** How far from the taps the edges are searched, as a share of a side and in px. */
  reachShare: 0.06,
  leastReachPx: 6,
  mostReachPx: 48,
  /** How far from corners that were found they are looked for again, px. */
  againReachPx: 8,
  /** Stretch of each side that is used: rounded corners and fingers are left out. */
  from: 0.12,
  to: 0.88,
  samples: 36,
  /** Light is averaged along the side for each sample, at most so many px either way: taps may lie askew. */
  mostAlongPx: 6,
  /** Step of the profiles, px, and how much an edge must change the light, of 255 over its width. */
  stepPx: 0.5,
  contrast: 10,
  /** An edge lies on the line within so many px and so large a share of the side. */
  onLinePx: 1.2,
  onLineShare: 0.0015,
  /** Share of the samples that must lie on the line. */
  onLine: 0.55,
  /** Most bow of a side, mm at the card and px, before the card is not flat. */
  bowMm: 0.35,
  /** A side counts as bowed where a parabola leaves no more than this share of what a line leaves (squares). */
  bowLeft: 0.35,
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

const { abs, floor, hypot, max, min, sqrt } = Math;
/** Smoothing of the derivative across an edge, steps. */
const SMOOTHING_STEPS = 2;

interface FittedLine {
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

/** Edge candidates across one side: where light rises along its normal, and where it falls. */
function candidatesOf(
  pixels: Pixels,
  a: Point,
  b: Point,
  reach: number,
  tone: Tone,
): Record<'rises' | 'falls', Candidate[]> {
  const length = hypot(b[0] - a[0], b[1] - a[1]);
  const [tx, ty] = [(b[0] - a[0]) / length, (b[1] - a[1]) / length];
  const [nx, ny] = [-ty, tx];
  const steps = Math.round((2 * reach) / CARD_LIMITS.stepPx) + 1;
  const half = min(CARD_LIMITS.mostAlongPx, max(1, floor((0.4 * length) / CARD_LIMITS.samples)));
  const found: Record<'rises' | 'falls', Candidate[]> = { rises: [], falls: [] };
  for (let i = 0; i < CARD_LIMITS.samples; i++) {
    const t = CARD_LIMITS.from + ((CARD_LIMITS.to - CARD_LIMITS.from) * i) / (CARD_LIMITS.samples - 1);
    const profile = new Float64Array(steps);
    for (let k = 0; k < steps; k++) {
      const offset = -reach + k * CARD_LIMITS.stepPx;
      let sum = 0;
      for (let side = -half; side <= half; side++)
        sum += lightAt(
          pixels,
          a[0] + tx * (t * length + side) + nx * offset,
          a[1] + ty * (t * length + side) + ny * offset,
          LUMA,
          tone,
        );
      profile[k] = sum / (2 * half + 1);
    }
    const slope = slopeOf(profile, SMOOTHING_STEPS);
    for (let k = 1; k < steps - 1; k++) {
      const sign = slope[k]! > 0 ? 1 : -1;
      const v = sign * slope[k]!;
      if (!(v > 0) || v < sign * slope[k - 1]! || v < sign * slope[k + 1]!) continue;
      // The step of light about the edge, from where the slope has fallen away on either side.
      const [lo, hi] = [max(0, k - 8), min(steps - 1, k + 8)];
      const step = sign * (profile[hi]! - profile[lo]!);
      if (!(step > CARD_LIMITS.contrast)) continue;
      const offset = -reach + peakAt(slope, k) * CARD_LIMITS.stepPx;
      found[sign > 0 ? 'rises' : 'falls'].push({
        t,
        offset,
        strength: v,
        blurPx: ownBlur((step * CARD_LIMITS.stepPx) / (v * sqrt(2 * Math.PI))),
      });
    }
  }
  return found;
}

const DRAWS = 160;

/** A side's edge as an arc: offset = start + slope t + bow (1 − (2t − 1)²), px; a straight one has no bow. */
interface Arc {
  readonly start: number;
  readonly slope: number;
  readonly bow: number;
}

const arcAt = ({ start, slope, bow }: Arc, t: number) => start + slope * t + bow * (1 - (2 * t - 1) ** 2);

/** The arc that most of the strongest candidates lie on, straight or through three of them, and how strong they are together. */
function bestArc(
  candidates: readonly Candidate[],
  tolerance: number,
  bent: boolean,
): { arc: Arc; score: number } | null {
  const random = seeded(candidates.length);
  const pick = () => candidates[floor(random() * candidates.length)]!;
  let best: { arc: Arc; score: number } | null = null;
  for (let d = 0; d < (bent ? 3 : 1) * DRAWS; d++) {
    const [p, q] = [pick(), pick()];
    if (abs(p.t - q.t) < 0.25) continue;
    const slope = (q.offset - p.offset) / (q.t - p.t);
    let arc: Arc = { start: p.offset - slope * p.t, slope, bow: 0 };
    if (bent) {
      const m = pick();
      // What a unit of bow adds at the third place, off the chord of the other two.
      const unit = arcAt({ start: 0, slope: 0, bow: 1 }, m.t) - chord(p.t, q.t, m.t);
      if (abs(unit) < 0.1) continue;
      const bow = (m.offset - arcAt(arc, m.t)) / unit;
      const rise = (t: number) => bow * (1 - (2 * t - 1) ** 2);
      const tilt = slope - (rise(q.t) - rise(p.t)) / (q.t - p.t);
      arc = { start: p.offset - rise(p.t) - tilt * p.t, slope: tilt, bow };
    }
    let score = 0;
    for (const c of candidates) if (abs(arcAt(arc, c.t) - c.offset) < tolerance) score += c.strength;
    if (!best || score > best.score) best = { arc, score };
  }
  return best;
}

/** Height at `t` of the chord between two places of a unit bow. */
function chord(p: number, q: number, t: number): number {
  const [a, b] = [1 - (2 * p - 1) ** 2, 1 - (2 * q - 1) ** 2];
  return a + ((b - a) * (t - p)) / (q - p);
}

/** The line that most of the strongest candidates lie on, and how far an arc would explain them better. */
function lineOf(candidates: readonly Candidate[], length: number): FittedLine | null {
  if (candidates.length < 8) return null;
  const tolerance = CARD_LIMITS.onLinePx + CARD_LIMITS.onLineShare * length;
  const straight = bestArc(candidates, tolerance, false);
  if (!straight) return null;
  const bent = bestArc(candidates, tolerance, true);
  const points = nearestTo(straight.arc, candidates, tolerance);
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
    bowPx: bent ? bowOf(nearestTo(bent.arc, candidates, tolerance), points.length) : 0,
    n: kept.length,
    blurPx: median(kept.map((c) => c.blurPx)),
  };
}

/** One candidate of each sample: the nearest to an arc, within a tolerance. */
function nearestTo(arc: Arc, candidates: readonly Candidate[], tolerance: number): Candidate[] {
  const near = new Map<number, Candidate>();
  const off = (c: Candidate) => abs(arcAt(arc, c.t) - c.offset);
  for (const c of candidates) {
    const held = near.get(c.t);
    if (off(c) < tolerance && (!held || off(c) < off(held))) near.set(c.t, c);
  }
  return [...near.values()];
}

/** How far a side is bowed, px, by a parabola through its points; 0 where a line explains them about as well. */
function bowOf(points: readonly Candidate[], onLine: number): number {
  if (points.length < max(8, onLine)) return 0;
  const [start, slope] = leastSquares(points);
  const basis = points.map((c) => 1 - (2 * c.t - 1) ** 2);
  // The part of the bow that no line explains.
  const [b0, b1] = leastSquares(points.map((c, i) => ({ ...c, offset: basis[i]! })));
  const own = basis.map((v, i) => v - b0 - b1 * points[i]!.t);
  const rest = points.map((c) => c.offset - start - slope * c.t);
  const squares = own.reduce((s, v) => s + v * v, 0);
  const bow = own.reduce((s, v, i) => s + v * rest[i]!, 0) / squares;
  const left = rest.reduce((s, v, i) => s + (v - bow * own[i]!) ** 2, 0);
  return left < CARD_LIMITS.bowLeft * rest.reduce((s, v) => s + v * v, 0) ? abs(bow) : 0;
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
  return sorted[floor(sorted.length / 2)] ?? 0;
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
export function refineCard(
  pixels: Pixels,
  taps: readonly Point[],
  mmPerPx: number,
  tone: Tone = AS_CODED,
  mostReachPx: number = CARD_LIMITS.mostReachPx,
): CardResult {
  if (taps.length !== 4) return { ok: false, reason: 'unreadable' };
  const inside = ([x, y]: Point) => x >= 0 && y >= 0 && x <= pixels.width - 1 && y <= pixels.height - 1;
  if (!taps.every(inside)) return { ok: false, reason: 'unreadable' };
  const sides = [0, 1, 2, 3].map((i) => {
    const [a, b] = [taps[i]!, taps[(i + 1) % 4]!];
    const length = hypot(b[0] - a[0], b[1] - a[1]);
    const reach = min(mostReachPx, max(CARD_LIMITS.leastReachPx, CARD_LIMITS.reachShare * length));
    const { rises, falls } = candidatesOf(pixels, a, b, reach, tone);
    const lines = [lineOf(rises, length), lineOf(falls, length)];
    const good = lines.filter((l): l is FittedLine => l !== null).sort((p, q) => q.share - p.share || p.rms - q.rms);
    return { a, b, length, line: good[0] ?? null };
  });
  const lines = sides.map((s) => s.line);
  const found = lines.filter((l): l is FittedLine => l !== null && l.share >= CARD_LIMITS.onLine);
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
