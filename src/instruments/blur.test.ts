import { blurRgb } from './blur';

const plane = (w: number, h: number, at: (x: number, y: number, c: number) => number) =>
  Float64Array.from({ length: w * h * 3 }, (_, i) => at(Math.floor(i / 3) % w, Math.floor(i / 3 / w), i % 3));
const of = (p: Float64Array, w: number, x: number, y: number, c = 0) => p[(y * w + x) * 3 + c]!;

it('leaves an even picture as it is, up to its edges, each channel by itself', () => {
  const p = plane(7, 5, (_x, _y, c) => 10 * (c + 1));
  blurRgb(p, 7, 5, 1.3);
  for (const [i, v] of p.entries()) expect(v).toBeCloseTo(10 * ((i % 3) + 1), 9);
});

it('spreads a point as a Gaussian whose variance is that asked for, in rows and in columns', () => {
  const [n, m, sigma] = [41, 20, 2];
  const p = plane(n, n, (x, y) => (x === m && y === m ? 1 : 0));
  blurRgb(p, n, n, sigma);
  let [sum, alongX, alongY] = [0, 0, 0];
  for (let y = 0; y < n; y++)
    for (let x = 0; x < n; x++) {
      const v = of(p, n, x, y);
      sum += v;
      alongX += v * (x - m) ** 2;
      alongY += v * (y - m) ** 2;
    }
  expect(sum).toBeCloseTo(1, 9);
  // Cut behind the sixth pixel, at 3.25 deviations: 1 − 2·3.25·φ(3.25) of the variance is left (truncated normal; Johnson, Kotz, Balakrishnan 1994).
  for (const variance of [alongX, alongY]) expect(variance / sigma ** 2).toBeCloseTo(0.987, 2);
  // Of the density (2πσ²)⁻¹ in the middle, a little more for what was cut off.
  expect(of(p, n, m, m) * 2 * Math.PI * sigma ** 2).toBeCloseTo(1, 1);
});

it('does nothing without a width, and goes on at an edge as the picture ends', () => {
  const sharp = plane(6, 1, (x) => (x < 3 ? 0 : 90));
  const same = sharp.slice();
  blurRgb(same, 6, 1, 0);
  expect([...same]).toEqual([...sharp]);
  blurRgb(sharp, 6, 1, 1);
  expect(of(sharp, 6, 0, 0) + of(sharp, 6, 5, 0)).toBeCloseTo(90, 9);
  expect(of(sharp, 6, 2, 0)).toBeLessThan(of(sharp, 6, 3, 0));
});
