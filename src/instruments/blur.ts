/**
 * Gaussian blur of three interleaved channels, in place: a pass along rows and one along columns, the kernel cut at three standard
 * deviations `sigma`, px. Pictures go on at their edges as they end.
 */
export function blurRgb(plane: Float32Array | Float64Array, w: number, h: number, sigma: number): void {
  if (sigma <= 0) return;
  const reach = Math.ceil(3 * sigma);
  const weights = Float64Array.from({ length: reach + 1 }, (_, i) => Math.exp(-(i * i) / (2 * sigma * sigma)));
  const sum = weights.reduce((s, v, i) => s + (i === 0 ? v : 2 * v), 0);
  const pass = (count: number, length: number, start: (i: number) => number, stride: number) => {
    const line = new Float64Array(length + 2 * reach);
    for (let i = 0; i < count; i++)
      for (let c = 0; c < 3; c++) {
        const from = start(i) + c;
        for (let k = 0; k < length; k++) line[reach + k] = plane[from + k * stride]!;
        line.fill(line[reach]!, 0, reach);
        line.fill(line[reach + length - 1]!, reach + length);
        for (let k = 0; k < length; k++) {
          const at = reach + k;
          let v = weights[0]! * line[at]!;
          for (let j = 1; j <= reach; j++) v += weights[j]! * (line[at - j]! + line[at + j]!);
          plane[from + k * stride] = v / sum;
        }
      }
  };
  pass(h, w, (y) => y * w * 3, 3);
  pass(w, h, (x) => x * 3, w * 3);
}
