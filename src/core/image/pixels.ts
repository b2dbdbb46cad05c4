/** A photograph's pixels, four bytes each (sRGB and alpha), row by row from the top left. */
export interface Pixels {
  readonly data: Uint8ClampedArray | Uint8Array;
  readonly width: number;
  readonly height: number;
}

/** A rectangle on the photograph, px. */
export interface Patch {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** One channel of figures, row by row. */
export interface Grey {
  readonly data: Float32Array;
  readonly width: number;
  readonly height: number;
}

/** The luma of a part of a photograph, 0 to 255 (weights of ITU-R BT.709 on the coded values). The part must lie inside. */
export function greyOf({ data, width }: Pixels, part: Patch): Grey {
  const out = new Float32Array(part.width * part.height);
  for (let y = 0, o = 0; y < part.height; y++) {
    let k = ((part.y + y) * width + part.x) * 4;
    for (let x = 0; x < part.width; x++, k += 4)
      out[o++] = 0.2126 * data[k]! + 0.7152 * data[k + 1]! + 0.0722 * data[k + 2]!;
  }
  return { data: out, width: part.width, height: part.height };
}
