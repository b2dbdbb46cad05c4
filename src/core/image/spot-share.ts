import { LINEAR } from './log-light';
import type { Mask } from './masked';
import { grown, type Patches, patchesOf } from './patches';
import type { Pixels } from './pixels';

// Looked up once: they run for every pixel.
const { max, min } = Math;

/** How much of each pixel is flawed, 0 to 1, and what that comes to. */
export interface SpotShare {
  readonly cover: Float32Array;
  /** Sum of the covered parts, px. */
  readonly area: number;
  readonly patches: Patches;
}

/** Linear light of the ground, three channels a pixel, without the spots. */
export type Ground = (at: number, into: Float32Array) => void;

/** How far a spot's soft edge is followed, px, and the least part of a pixel that is believed. */
const RIM_PX = 3;
const LEAST_PART = 0.12;
/** How many times brighter than its ground a spot can be in a channel: a red panel gives green hardly any light. */
const MOST_LIGHT = 60;
/** Pixels so far inside a patch are spot as a whole, whichever of its colours they have. */
export const INNER_PX = 2;
/** Patches smaller than this have no core of their own colour, px. */
const CORE_PX = 14;

/**
 * The share that spots cover, edges counted in parts: a pixel at an edge is ground and spot mixed in linear light, and how
 * much of each is where it lies between the ground there and the spot's core. `seeds` are pixels that are spot for certain
 * or nearly, `strength` how certain; small spots, all edge, take the mean core of the large ones.
 */
export function spotShare(
  { data, width, height }: Pixels,
  inside: Mask,
  seeds: Uint8Array,
  strength: Float32Array,
  ground: Ground,
): SpotShare {
  const patches = patchesOf(seeds, width, height);
  const cores = coresOf(data, patches, strength, ground);
  const label = grown(patches, width, height, RIM_PX);
  const cover = new Float32Array(width * height);
  const whole = innerOf(seeds, width, height);
  const under = new Float32Array(3);
  let area = 0;
  for (let at = 0; at < label.length; at++) {
    const mine = label[at]!;
    if (mine === 0 || inside[at] === 0) continue;
    ground(at, under);
    let [dot, square] = [0, 0];
    for (let c = 0; c < 3; c++) {
      const full = under[c]! * (cores[3 * mine + c]! - 1);
      dot += full * (LINEAR[data[4 * at + c]!]! - under[c]!);
      square += full * full;
    }
    const part = whole[at] === 1 ? 1 : square === 0 ? 0 : min(1, dot / square);
    if (part < LEAST_PART) continue;
    cover[at] = part;
    area += part;
  }
  return { cover, area, patches };
}

/** Each patch's core as a share of the ground's light, three channels a patch: the more certain half of its pixels. */
function coresOf(
  data: Pixels['data'],
  { label, sizes }: Patches,
  strength: Float32Array,
  ground: Ground,
): Float32Array {
  const many = sizes.length;
  const mean = new Float32Array(many);
  for (let at = 0; at < label.length; at++) if (label[at]! > 0) mean[label[at]!]! += strength[at]! / sizes[label[at]!]!;
  const sums = new Float32Array(3 * many);
  const counts = new Float32Array(many);
  const under = new Float32Array(3);
  for (let at = 0; at < label.length; at++) {
    const mine = label[at]!;
    if (mine === 0 || strength[at]! < mean[mine]!) continue;
    ground(at, under);
    for (let c = 0; c < 3; c++)
      sums[3 * mine + c]! += min(MOST_LIGHT, LINEAR[data[4 * at + c]!]! / max(1e-4, under[c]!));
    counts[mine]!++;
  }
  const common = [0, 0, 0];
  let weight = 0;
  for (let p = 1; p < many; p++)
    if (sizes[p]! >= CORE_PX) {
      for (let c = 0; c < 3; c++) common[c]! += sums[3 * p + c]!;
      weight += counts[p]!;
    }
  for (let p = 1; p < many; p++)
    for (let c = 0; c < 3; c++)
      sums[3 * p + c] =
        sizes[p]! >= CORE_PX || weight === 0 ? sums[3 * p + c]! / max(1, counts[p]!) : common[c]! / weight;
  return sums;
}

/** The pixels of a mask from whose sides nothing outside it is nearer than INNER_PX. */
export function innerOf(mask: Uint8Array, width: number, height: number): Uint8Array {
  let now = mask;
  for (let step = 0; step < INNER_PX; step++) {
    const next = new Uint8Array(mask.length);
    for (let y = 1; y < height - 1; y++)
      for (let x = 1, at = y * width + 1; x < width - 1; x++, at++)
        if (now[at]! & now[at - 1]! & now[at + 1]! & now[at - width]! & now[at + width]!) next[at] = 1;
    now = next;
  }
  return now;
}
