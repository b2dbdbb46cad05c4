import { peakAt, slopeOf } from '../image/sample';
import { quantile } from '../stats/quantile';
import { GAP_LIMITS } from './gap-limits';
import { meanProfile, type SeamStrip } from './seam-strip';

/** A pair of edges across one place of the seam, columns of the strip. */
export interface SlotPair {
  readonly left: number;
  readonly right: number;
  readonly score: number;
}

/** Places along the seam at which the slot is first looked for, every so many rows. */
export const COARSE_ROWS = 2;
const COARSE_HALF_ROWS = 2;
const KEPT = 10;
const { abs, ceil, floor, max, min, round } = Math;
const { isFinite: known } = Number;

interface Edge {
  readonly at: number;
  readonly size: number;
}

/** Places where the profile falls (sign −1) or rises (+1) most, with the change of light there. */
function edgesOf(profile: Float64Array, slope: Float64Array, sign: 1 | -1, least: number, reach: number): Edge[] {
  const found: Edge[] = [];
  for (let k = 2; k < profile.length - 2; k++) {
    const v = sign * slope[k]!;
    if (!(v > 0) || v < sign * slope[k - 1]! || v <= sign * slope[k + 1]!) continue;
    const [a, b] = [profile[max(0, k - reach)]!, profile[min(profile.length - 1, k + reach)]!];
    const size = sign * (b - a);
    if (size >= least) found.push({ at: peakAt(slope, k), size });
  }
  return found.sort((p, q) => q.size - p.size).slice(0, KEPT);
}

function meanOf(profile: Float64Array, from: number, to: number): number {
  let sum = 0;
  let n = 0;
  for (let k = max(0, ceil(from)); k <= min(profile.length - 1, floor(to)); k++) {
    const v = profile[k]!;
    if (known(v)) {
      sum += v;
      n++;
    }
  }
  return n === 0 ? Number.NaN : sum / n;
}

function darkestOf(profile: Float64Array, from: number, to: number): number {
  let low = Number.POSITIVE_INFINITY;
  for (let k = max(0, ceil(from)); k <= min(profile.length - 1, floor(to)); k++)
    if (profile[k]! < low) low = profile[k]!;
  return low;
}

/**
 * Pairs of edges across one profile that could be the slot, best first: light falls into it and rises out of it, it is
 * dark right behind both edges, and no second band as dark lies just outside (then the pair is one half of a slot with a
 * seal in it, and the outer edges are the panels').
 */
export function pairsOf(profile: Float64Array, colMm: number, noise: number): SlotPair[] {
  const px = 0.5;
  const sigma = 1 / px;
  const slope = slopeOf(profile, sigma);
  const reach = round(0.45 / colMm);
  const least = max(GAP_LIMITS.contrast, GAP_LIMITS.contrastOverNoise * noise);
  const [falls, rises] = [edgesOf(profile, slope, -1, least, reach), edgesOf(profile, slope, 1, least, reach)];
  const mm = (v: number) => v / colMm;
  const centre = (profile.length - 1) / 2;
  const pairs: SlotPair[] = [];
  for (const l of falls)
    for (const r of rises) {
      const width = (r.at - l.at) * colMm;
      if (width < GAP_LIMITS.leastWidthMm || width > GAP_LIMITS.mostWidthMm) continue;
      const near = min(mm(0.7), (r.at - l.at) / 3);
      const inLeft = meanOf(profile, l.at + near * 0.4, l.at + near * 1.2);
      const inRight = meanOf(profile, r.at - near * 1.2, r.at - near * 0.4);
      const outLeft = meanOf(profile, l.at - mm(3), l.at - mm(0.5));
      const outRight = meanOf(profile, r.at + mm(0.5), r.at + mm(3));
      if (!(outLeft > 0) || !(outRight > 0)) continue;
      const dark = min(inLeft, inRight);
      const range = min(outLeft, outRight) - dark;
      if (!(range > least * 0.6)) continue;
      const level = min(outLeft, outRight) - GAP_LIMITS.depth * range;
      if (inLeft > level || inRight > level) continue;
      const beside = min(
        darkestOf(profile, l.at - mm(4), l.at - mm(0.7)),
        darkestOf(profile, r.at + mm(0.7), r.at + mm(4)),
      );
      const second = max(0, min(1, (min(outLeft, outRight) - beside) / range));
      const off = abs((l.at + r.at) / 2 - centre) * colMm;
      const score =
        min(l.size, r.size) / (range + 4) +
        0.3 * min(1, range / 40) -
        1.4 * max(0, second - 0.45) -
        0.5 * (off / GAP_LIMITS.searchMm) ** 2;
      pairs.push({ left: l.at, right: r.at, score });
    }
  return pairs.sort((p, q) => q.score - p.score).slice(0, KEPT);
}

/** Noise of the strip from one row to the next, of 255; from the middle of the changes, so that edges do not count. */
export function noiseOf(strip: SeamStrip): number {
  const changes: number[] = [];
  for (let r = 1; r < strip.rows; r += 7)
    for (let c = 0; c < strip.cols; c += 5) {
      const d = abs(strip.light[r * strip.cols + c]! - strip.light[(r - 1) * strip.cols + c]!);
      if (known(d)) changes.push(d);
    }
  changes.sort((a, b) => a - b);
  return (quantile(changes, 0.5) ?? 0) / 0.954;
}

/** Cost of a millimetre's change of an edge from one place to the next, and of a place without a slot. */
const BEND = 0.9;
const WITHOUT = 0.35;

/**
 * The slot along the whole strip: at each place the pair of edges, or none, that together score best and change least
 * (dynamic programming; Viterbi). One entry every COARSE_ROWS rows.
 */
export function slotAlong(strip: SeamStrip): (SlotPair | null)[] {
  const noise = noiseOf(strip);
  const places: SlotPair[][] = [];
  for (let r = 0; r < strip.rows; r += COARSE_ROWS)
    places.push(pairsOf(meanProfile(strip, r - COARSE_HALF_ROWS, r + COARSE_HALF_ROWS), strip.colMm, noise / 2));
  interface State {
    readonly pair: SlotPair | null;
    readonly total: number;
    readonly from: number;
    /** The last pair seen on the way here, so that a place without one does not free the next. */
    readonly held: SlotPair | null;
  }
  const table: State[][] = [];
  for (const [i, pairs] of places.entries()) {
    const before = table[i - 1];
    const options: (SlotPair | null)[] = [...pairs, null];
    table.push(
      options.map((pair) => {
        const own = pair ? pair.score : -WITHOUT;
        if (!before) return { pair, total: own, from: -1, held: pair };
        let best = { total: Number.NEGATIVE_INFINITY, from: 0 };
        for (const [k, b] of before.entries()) {
          const step =
            pair && b.held
              ? BEND * min(4, (abs(pair.left - b.held.left) + abs(pair.right - b.held.right)) * strip.colMm)
              : 0;
          const total = b.total + own - step;
          if (total > best.total) best = { total, from: k };
        }
        return { pair, ...best, held: pair ?? before[best.from]!.held };
      }),
    );
  }
  const last = table.at(-1);
  if (!last) return [];
  let k = last.reduce((b, s, i) => (s.total > last[b]!.total ? i : b), 0);
  const out: (SlotPair | null)[] = [];
  for (let i = table.length - 1; i >= 0; i--) {
    const state = table[i]![k]!;
    out.push(state.pair);
    k = state.from;
  }
  return out.reverse();
}
