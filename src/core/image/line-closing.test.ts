import { seeded } from '../stats/random';
import { compactDepth, softened } from './line-closing';

/** The same by its definition: the least, over four directions, of the least of the greatest along lines, less the value. */
function byDefinition(values: Float32Array, width: number, height: number, half: number): number[] {
  const at = (from: (x: number, y: number) => number, x: number, y: number, pick: (a: number, b: number) => number) =>
    [
      [1, 0],
      [0, 1],
      [1, 1],
      [1, -1],
    ].map(([dx, dy]) => {
      let best = Number.NaN;
      for (let k = -half; k <= half; k++) {
        const [u, v] = [x + k * dx!, y + k * dy!];
        if (u < 0 || v < 0 || u >= width || v >= height) continue;
        best = Number.isNaN(best) ? from(u, v) : pick(best, from(u, v));
      }
      return best;
    });
  return Array.from({ length: width * height }, (_, i) => {
    const [x, y] = [i % width, Math.floor(i / width)];
    const closed = [0, 1, 2, 3].map(
      (d) => at((u, v) => at((a, b) => values[b * width + a]!, u, v, Math.max)[d]!, x, y, Math.min)[d]!,
    );
    return Math.min(...closed) - values[i]!;
  });
}

it.each([
  [17, 12, 2],
  [9, 20, 3],
  [6, 5, 8],
])('is the directional closing by its definition on %d × %d with lines of half %d', (width, height, half) => {
  const random = seeded(width * height);
  const values = Float32Array.from({ length: width * height }, () => Math.round(255 * random()));
  expect([...compactDepth(values, width, height, half)]).toEqual(byDefinition(values, width, height, half));
});

it('lets a compact dark thing stand out, and no line, band or edge', () => {
  const [w, h] = [60, 50];
  const plane = (dark: (x: number, y: number) => boolean) =>
    Float32Array.from({ length: w * h }, (_, i) => (dark(i % w, Math.floor(i / w)) ? 40 : 200));
  const deepest = (values: Float32Array) => compactDepth(values, w, h, 8).reduce((a, b) => Math.max(a, b), 0);
  expect(deepest(plane((x, y) => Math.hypot(x - 30, y - 25) < 5))).toBe(160);
  expect(deepest(plane((_x, y) => y > 22 && y < 27))).toBe(0);
  expect(deepest(plane((x) => x > 30))).toBe(0);
  expect(deepest(plane((x, y) => Math.abs(x - y) < 4))).toBe(0);
});

it('softens by the mean of nine and keeps what is even', () => {
  const even = new Float32Array(20).fill(7);
  expect([...softened(even, 5, 4)]).toEqual([...even]);
  const one = Float32Array.from({ length: 25 }, (_, i) => (i === 12 ? 9 : 0));
  expect(softened(one, 5, 5)[12]).toBeCloseTo(1, 6);
  expect(softened(one, 5, 5)[0]).toBe(0);
});
