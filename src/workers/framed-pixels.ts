import type { Point } from '@/core/image/homography';
import { pixelsOf } from './picture-pixels';

/** A kept picture and the width of the original in px, in which all places on it are told whichever copy is read. */
export interface FramedPicture {
  readonly sha256: string;
  readonly frameWidthPx: number;
}

/**
 * The original's pixels, or the large copy's where the original cannot be had (without a network), with the maps of places
 * between the original's px and those that were read. Throws when neither can be read.
 */
export async function framedPixels({ sha256, frameWidthPx }: FramedPicture, sizes: readonly ('full' | '2048')[]) {
  let failure: unknown;
  for (const size of sizes) {
    try {
      const pixels = await pixelsOf(`/api/v1/photos/${sha256}/${size}`);
      const k = pixels.width / frameWidthPx;
      // Centres of pixels lie at whole numbers.
      const into = ([x, y]: Point): Point => [(x + 0.5) * k - 0.5, (y + 0.5) * k - 0.5];
      const back = ([x, y]: Point): Point => [(x + 0.5) / k - 0.5, (y + 0.5) / k - 0.5];
      return { pixels, k, into, back };
    } catch (error) {
      failure = error;
    }
  }
  throw failure;
}
