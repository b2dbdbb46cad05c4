import fc from 'fast-check';
import { coverSmaller, maskOf, RUNS, runsOf } from './run-lengths';

it('gives back the mask that it was given, whatever it is', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 40 }),
      fc.integer({ min: 1, max: 30 }),
      fc.integer({ min: 0, max: 1e9 }),
      (width, height, seed) => {
        const mask = Uint8Array.from({ length: width * height }, (_, i) => ((i * 2654435761 + seed) >>> 7) & 1);
        const text = runsOf(width, height, (i) => mask[i] === 1);
        expect(text).toMatch(RUNS);
        expect(maskOf(text)).toEqual({ width, height, mask });
      },
    ),
    { seed: 3, numRuns: 60 },
  );
});

it.each(['', '3x2', '3x2:7', '3x2:5', '3x2:6,', '3x2:-1,7', '3x2:2,2,9'])('refuses %p, which fills no mask', (text) => {
  expect(maskOf(text)).toBeNull();
});

it('keeps the covered share when it makes a cover smaller', () => {
  const cover = Float32Array.from({ length: 12 * 8 }, (_, i) => (i % 3) / 2);
  const small = coverSmaller(cover, 12, 8, 4);
  const mean = (c: Float32Array) => c.reduce((a, b) => a + b, 0) / c.length;
  expect([small.width, small.height]).toEqual([3, 2]);
  expect(mean(small.cover)).toBeCloseTo(mean(cover), 6);
});
