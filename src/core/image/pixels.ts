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

/** A photograph made smaller by a whole number: each pixel the mean of `by` × `by`; what is left over at the edges goes. */
export function coarser({ data, width, height }: Pixels, by: number): Pixels {
  const [w, h] = [Math.floor(width / by), Math.floor(height / by)];
  const out = new Uint8ClampedArray(w * h * 4);
  const many = by * by;
  const [red, green, blue] = [new Uint32Array(w), new Uint32Array(w), new Uint32Array(w)];
  for (let y = 0; y < h; y++) {
    red.fill(0);
    green.fill(0);
    blue.fill(0);
    for (let dy = 0; dy < by; dy++) {
      let k = (y * by + dy) * width * 4;
      for (let x = 0; x < w; x++) {
        let [r, g, b] = [0, 0, 0];
        for (const end = k + 4 * by; k < end; k += 4) {
          r += data[k]!;
          g += data[k + 1]!;
          b += data[k + 2]!;
        }
        red[x]! += r;
        green[x]! += g;
        blue[x]! += b;
      }
    }
    for (let x = 0, o = y * w * 4; x < w; x++, o += 4) {
      out[o] = red[x]! / many;
      out[o + 1] = green[x]! / many;
      out[o + 2] = blue[x]! / many;
      out[o + 3] = 255;
    }
  }
  return { data: out, width: w, height: h };
}
