import { seeded } from '../stats/random';
import { bitsApart, differenceHash, SAME_WITHIN_BITS } from './difference-hash';

const picture = (width: number, height: number, at: (x: number, y: number) => number) => ({
  width,
  height,
  grey: Uint8ClampedArray.from({ length: width * height }, (_, i) =>
    at((i % width) / width, Math.floor(i / width) / height),
  ),
});
const scene = (x: number, y: number) => 120 + 60 * Math.sin(7 * x + 3 * y) + 40 * Math.cos(9 * y - 4 * x);

it('is near for the same view darker, smaller and with noise', () => {
  const random = seeded(7);
  const a = differenceHash(picture(320, 180, scene))!;
  const b = differenceHash(picture(200, 112, (x, y) => 0.7 * scene(x, y) + 8 * (random() - 0.5)))!;
  expect(bitsApart(a, b)).toBeLessThanOrEqual(SAME_WITHIN_BITS);
});

it('is far for another view', () => {
  const a = differenceHash(picture(320, 180, scene))!;
  const b = differenceHash(picture(320, 180, (x, y) => scene(1 - x, y)))!;
  expect(bitsApart(a, b)).toBeGreaterThan(3 * SAME_WITHIN_BITS);
});

it('reads a ramp by its direction alone, and refuses what is too small', () => {
  expect(differenceHash(picture(90, 80, (x) => 200 * x))).toBe((1n << 64n) - 1n);
  expect(differenceHash(picture(90, 80, (x) => 200 - 200 * x))).toBe(0n);
  expect(differenceHash(picture(8, 80, (x) => 200 * x))).toBeNull();
  expect(bitsApart(0n, (1n << 64n) - 1n)).toBe(64);
});
