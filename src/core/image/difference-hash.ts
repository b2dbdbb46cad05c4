import type { GreyPicture } from './sharpness';

const ACROSS = 9;
const DOWN = 8;
/** Bits in which two hashes may differ and still be the same view: frames of one film a moment apart. */
export const SAME_WITHIN_BITS = 6;

/**
 * A picture's difference hash: whether it grows brighter from cell to cell along the rows of a 9 × 8 reduction by area
 * means; 64 bits. Null where the picture is smaller than that. Two pictures of one view differ in few bits, whatever
 * their size and brightness (Gonzalez and Woods, Digital Image Processing, 4th ed., ch. 11: signs of local differences).
 */
export function differenceHash({ width, height, grey }: GreyPicture): bigint | null {
  if (width < ACROSS || height < DOWN) return null;
  const cells = new Float64Array(ACROSS * DOWN);
  for (let r = 0; r < DOWN; r++)
    for (let c = 0; c < ACROSS; c++) {
      const [x0, x1] = [Math.floor((c * width) / ACROSS), Math.floor(((c + 1) * width) / ACROSS)];
      const [y0, y1] = [Math.floor((r * height) / DOWN), Math.floor(((r + 1) * height) / DOWN)];
      let sum = 0;
      for (let y = y0; y < y1; y++) for (let x = x0; x < x1; x++) sum += grey[y * width + x]!;
      cells[r * ACROSS + c] = sum / ((x1 - x0) * (y1 - y0));
    }
  let hash = 0n;
  for (let r = 0; r < DOWN; r++)
    for (let c = 0; c + 1 < ACROSS; c++)
      hash = (hash << 1n) | (cells[r * ACROSS + c]! < cells[r * ACROSS + c + 1]! ? 1n : 0n);
  return hash;
}

/** Bits in which two hashes differ, 0 to 64. */
export function bitsApart(a: bigint, b: bigint): number {
  let n = 0;
  for (let x = a ^ b; x > 0n; x &= x - 1n) n++;
  return n;
}
