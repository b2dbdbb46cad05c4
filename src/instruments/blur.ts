type Plane = Float32Array | Float64Array;

const CHANNELS = 3;

/**
 * Gaussian blur of three interleaved channels, in place: a pass along rows and one along columns, the kernel cut at three standard
 * deviations `sigma`, px. Pictures go on at their edges as they end. Both passes go through the plane row by row: along its columns
 * each step would leave the processor's cache.
 */
export function blurRgb(plane: Plane, w: number, h: number, sigma: number): void {
  if (sigma <= 0) return;
  const reach = Math.ceil(3 * sigma);
  const raw = Float64Array.from({ length: reach + 1 }, (_, i) => Math.exp(-(i * i) / (2 * sigma * sigma)));
  const sum = raw.reduce((s, v, i) => s + (i === 0 ? v : 2 * v), 0);
  const weights = raw.map((v) => v / sum);
  alongRows(plane, w, h, weights);
  alongColumns(plane, w, h, weights);
}

function alongRows(plane: Plane, w: number, h: number, weights: Float64Array): void {
  const reach = weights.length - 1;
  const [length, margin] = [w * CHANNELS, reach * CHANNELS];
  const line = new Float64Array(length + 2 * margin);
  for (let y = 0; y < h; y++) {
    line.set(plane.subarray(y * length, (y + 1) * length), margin);
    for (let k = 0; k < margin; k++) {
      line[k] = line[margin + (k % CHANNELS)]!;
      line[margin + length + k] = line[margin + length - CHANNELS + (k % CHANNELS)]!;
    }
    for (let k = 0, at = margin; k < length; k++, at++) {
      let v = weights[0]! * line[at]!;
      for (let j = 1, off = CHANNELS; j <= reach; j++, off += CHANNELS)
        v += weights[j]! * (line[at - off]! + line[at + off]!);
      plane[y * length + k] = v;
    }
  }
}

function alongColumns(plane: Plane, w: number, h: number, weights: Float64Array): void {
  const reach = weights.length - 1;
  const length = w * CHANNELS;
  const rowAt = (y: number) => Math.min(h - 1, Math.max(0, y));
  // Rows as they were before this pass: the window that the next row needs, each in the place of the one that left it.
  const rows = Array.from({ length: 2 * reach + 1 }, () => new Float64Array(length));
  const held = (y: number) => rows[(y + 2 * rows.length) % rows.length]!;
  const take = (y: number) => held(y).set(plane.subarray(rowAt(y) * length, (rowAt(y) + 1) * length));
  for (let y = -reach; y < reach; y++) take(y);
  const out = new Float64Array(length);
  for (let y = 0; y < h; y++) {
    take(y + reach);
    const middle = held(y);
    for (let k = 0; k < length; k++) out[k] = weights[0]! * middle[k]!;
    for (let j = 1; j <= reach; j++) {
      const [above, below, weight] = [held(y - j), held(y + j), weights[j]!];
      for (let k = 0; k < length; k++) out[k] = out[k]! + weight * (above[k]! + below[k]!);
    }
    plane.set(out, y * length);
  }
}
