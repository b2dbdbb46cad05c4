import { shrinkFor } from './masked';
import { patchesOf } from './patches';
import { coverSmaller, runsOf } from './run-lengths';

/** What a cover comes to after a person has put it right. */
export interface KeptShare {
  readonly areaShare: number;
  readonly spots: number;
  readonly mask: string;
}

/** Longest side of the mask that is shown, corrected and kept, px. */
const MASK_PX = 360;

/** A cover as it was read, in the size in which it is shown, corrected and kept. */
export const coverToKeep = ({ cover, width, height }: { cover: Float32Array; width: number; height: number }) =>
  coverSmaller(cover, width, height, shrinkFor({ width, height }, MASK_PX));

/** Share, number of spots and mask of a cover (how much of each pixel is defective, 0 to 1). */
export function keptShare(cover: Float32Array, width: number, height: number): KeptShare {
  const inside = Uint8Array.from(cover, (c) => (c >= 0.5 ? 1 : 0));
  const { sizes } = patchesOf(inside, width, height);
  return {
    areaShare: Math.min(1, cover.reduce((s, c) => s + c, 0) / cover.length),
    spots: sizes.length - 1,
    mask: runsOf(width, height, (i) => inside[i] === 1),
  };
}

/** A cover after one stroke of a round brush: wholly defective under it, or not at all. The cover that is given stays. */
export function brushed(
  cover: Float32Array,
  width: number,
  height: number,
  stroke: { readonly x: number; readonly y: number; readonly radius: number; readonly paints: boolean },
): Float32Array {
  const out = Float32Array.from(cover);
  const { x, y, radius, paints } = stroke;
  for (let v = Math.max(0, Math.floor(y - radius)); v <= Math.min(height - 1, y + radius); v++)
    for (let u = Math.max(0, Math.floor(x - radius)); u <= Math.min(width - 1, x + radius); u++)
      if (Math.hypot(u + 0.5 - x, v + 0.5 - y) <= radius) out[v * width + u] = paints ? 1 : 0;
  return out;
}
