import { slopeOf } from '../../image/sample';
import { quantile } from '../../stats/quantile';
import { GAP_LIMITS } from '../gap-limits';

const { abs, floor, max, min, round, sqrt } = Math;
const { isFinite: known } = Number;

/** A profile between its columns, linear. */
function valueAt(profile: Float64Array, at: number): number {
  const k = floor(at);
  const a = profile[k]!;
  return a + (at - k) * (profile[k + 1]! - a);
}

interface EdgeFound {
  readonly left: number;
  readonly right: number;
  readonly blurCols: number;
}

/** Median of a stretch of a profile; null where too little of it is known. */
function levelOf(profile: Float64Array, from: number, to: number): number | null {
  const values: number[] = [];
  for (let k = max(0, floor(from)); k <= min(profile.length - 1, floor(to)); k++)
    if (known(profile[k]!)) values.push(profile[k]!);
  if (values.length < 3) return null;
  return quantile(
    values.sort((p, q) => p - q),
    0.5,
  );
}

/**
 * An edge once more, half-way between the paint and the dark close behind the edge: a slot is often darker farther in, and
 * the trough alone would draw the edge inwards. Columns; the place it was given where light does not rise past it.
 */
function againstNearDark(profile: Float64Array, at: number, outwards: 1 | -1, lit: number, blurCols: number): number {
  const reach = max(1.5, GAP_LIMITS.darkBlurs * blurCols);
  const step = 0.25;
  let place = at;
  for (let round = 0; round < 4; round++) {
    const along = (d: number) => valueAt(profile, place + outwards * d);
    const half = (along(-reach) + lit) / 2;
    let nearest: number | null = null;
    for (let d = -reach; d < reach; d += step) {
      const [inner, outer] = [along(d), along(d + step)];
      if (!(inner < half && outer >= half)) continue;
      const off = d + (step * (half - inner)) / (outer - inner);
      if (nearest === null || abs(off) < abs(nearest)) nearest = off;
    }
    if (nearest === null) break;
    place += outwards * nearest;
  }
  return place;
}

/**
 * One edge of the slot, column to sub-pixel: from the dark behind it outwards, the place half-way up to the paint, where a
 * blurred edge has its middle; a line of light along the lip, brighter than the paint, does not draw it to itself.
 * `outwards` is −1 for the left edge.
 */
function edgeNear(
  profile: Float64Array,
  slope: Float64Array,
  at: number,
  outwards: 1 | -1,
  inMm: number,
  colMm: number,
  blurCols: number,
): { at: number; step: number; slope: number } | null {
  const mm = (v: number) => v / colMm;
  const paint =
    outwards === -1 ? levelOf(profile, at - mm(4), at - mm(1.2)) : levelOf(profile, at + mm(1.2), at + mm(4));
  if (paint === null) return null;
  let trough = -1;
  for (let d = 0; d <= mm(min(1.6, inMm * 0.45)); d++) {
    const k = round(at - outwards * d);
    if (k < 1 || k >= profile.length - 1) break;
    if (trough < 0 || profile[k]! < profile[trough]!) trough = k;
  }
  if (trough < 0) return null;
  const dark = profile[trough]!;
  const far = round(at + outwards * mm(1.2));
  let bright = dark;
  for (let k = trough; (far - k) * outwards >= 0 && k > 0 && k < profile.length; k += outwards)
    if (profile[k]! > bright) bright = profile[k]!;
  const lit = min(paint, bright);
  const half = dark + 0.5 * (lit - dark);
  if (!(half > dark)) return null;
  let k = trough;
  while ((far - k) * outwards > 0 && !(profile[k]! >= half)) k += outwards;
  const [inner, outer] = [profile[k - outwards]!, profile[k]!];
  if (!(outer >= half) || !(inner < half)) return null;
  const crossing = againstNearDark(profile, k - outwards * ((outer - half) / (outer - inner)), outwards, lit, blurCols);
  const steep = max(outwards * slope[k]!, outwards * slope[k - outwards]!);
  return steep > 0 ? { at: crossing, step: lit - dark, slope: steep } : null;
}

/** The two edges of an averaged profile near where they are expected. */
export function edgesNear(
  profile: Float64Array,
  left: number,
  right: number,
  colMm: number,
  blurCols: number,
): EdgeFound | null {
  const slope = slopeOf(profile, 2);
  const inMm = (right - left) * colMm;
  const [l, r] = [
    edgeNear(profile, slope, left, -1, inMm, colMm, blurCols),
    edgeNear(profile, slope, right, 1, inMm, colMm, blurCols),
  ];
  if (!l || !r || r.at <= l.at) return null;
  const soft = (e: { step: number; slope: number }) => e.step / (e.slope * sqrt(2 * Math.PI));
  return { left: l.at, right: r.at, blurCols: min(soft(l), soft(r)) };
}
