import type { Pixels } from './pixels';

/** Weights of red, green and blue that make one figure of a pixel; they sum to 1. */
export type Channels = readonly [number, number, number];

/** Luma as JPEG files keep it in full, with colour at half the resolution (ITU-R BT.601, ITU-T T.871). */
export const LUMA: Channels = [0.299, 0.587, 0.114];

/** What each coded value 0 to 255 counts for, 0 to 255: a tone curve undone. */
export type Tone = Float64Array;

/** The tone that raises coded values to a power; 1 leaves them, about 2.2 is linear light (IEC 61966-2-1). */
export function toneOf(exponent: number): Tone {
  return Float64Array.from({ length: 256 }, (_, v) => 255 * (v / 255) ** exponent);
}

export const AS_CODED: Tone = toneOf(1);

const { floor, max, min } = Math;

/** The picture's light at a place between pixels (centres at whole numbers), 0 to 255, bilinear; NaN outside. */
export function lightAt(
  { data, width, height }: Pixels,
  x: number,
  y: number,
  c: Channels,
  tone: Tone = AS_CODED,
): number {
  const x0 = floor(x);
  const y0 = floor(y);
  if (x0 < 0 || y0 < 0 || x0 + 1 >= width || y0 + 1 >= height) return Number.NaN;
  const k = (y0 * width + x0) * 4;
  const d = k + width * 4;
  const fx = x - x0;
  const fy = y - y0;
  const a = c[0] * tone[data[k]!]! + c[1] * tone[data[k + 1]!]! + c[2] * tone[data[k + 2]!]!;
  const b = c[0] * tone[data[k + 4]!]! + c[1] * tone[data[k + 5]!]! + c[2] * tone[data[k + 6]!]!;
  const e = c[0] * tone[data[d]!]! + c[1] * tone[data[d + 1]!]! + c[2] * tone[data[d + 2]!]!;
  const f = c[0] * tone[data[d + 4]!]! + c[1] * tone[data[d + 5]!]! + c[2] * tone[data[d + 6]!]!;
  const top = a + (b - a) * fx;
  return top + (e + (f - e) * fx - top) * fy;
}

/** How much a profile changes at each place: its derivative smoothed by a Gaussian, per step. NaN stays NaN round about. */
export function slopeOf(profile: Float64Array, sigmaSteps: number): Float64Array {
  const reach = Math.max(1, Math.ceil(3 * sigmaSteps));
  const weights = new Float64Array(reach + 1);
  let norm = 0;
  for (let i = 1; i <= reach; i++) {
    weights[i] = i * Math.exp(-(i * i) / (2 * sigmaSteps * sigmaSteps));
    norm += 2 * i * weights[i]!;
  }
  const out = new Float64Array(profile.length);
  const last = profile.length - 1;
  for (let k = 0; k < profile.length; k++) {
    let sum = 0;
    for (let i = 1; i <= reach; i++) {
      const [a, b] = [max(0, k - i), min(last, k + i)];
      sum += weights[i]! * (profile[b]! - profile[a]!);
    }
    out[k] = sum / norm;
  }
  return out;
}

/** Where a peak stands between steps, by a parabola through it and its neighbours. */
export function peakAt(values: Float64Array, k: number): number {
  const [a, b, c] = [values[k - 1], values[k]!, values[k + 1]];
  if (a === undefined || c === undefined) return k;
  const bend = a - 2 * b + c;
  return bend === 0 || Number.isNaN(bend) ? k : k + max(-0.5, min(0.5, (a - c) / (2 * bend)));
}
