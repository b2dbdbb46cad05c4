import type { Pixels } from './pixels';

/** Which pixels of a picture are looked at: 1 those, 0 the others; row by row. */
export type Mask = Uint8Array;

/** A mask made smaller as `coarser` makes its picture: a pixel counts where most of its block does. */
export function coarserMask(mask: Mask, width: number, by: number, to: Pick<Pixels, 'width' | 'height'>): Mask {
  const out = new Uint8Array(to.width * to.height);
  for (let y = 0; y < to.height; y++)
    for (let x = 0; x < to.width; x++) {
      let sum = 0;
      for (let dy = 0; dy < by; dy++) for (let dx = 0; dx < by; dx++) sum += mask[(y * by + dy) * width + x * by + dx]!;
      out[y * to.width + x] = 2 * sum > by * by ? 1 : 0;
    }
  return out;
}

/** How many pixels a mask looks at. */
export function countIn(mask: Mask): number {
  let n = 0;
  for (let i = 0; i < mask.length; i++) n += mask[i]!;
  return n;
}

/** By how much a picture is made smaller so that neither side is longer than `mostPx`. */
export const shrinkFor = ({ width, height }: Pick<Pixels, 'width' | 'height'>, mostPx: number): number =>
  Math.max(1, Math.ceil(Math.max(width, height) / mostPx));
