import type { Point } from './geometry';
import { pathOf, trace } from './outline-path';
import { planOf } from './plan';

/** The points that a path of steps leads through (SVG 2, 9.3). */
function readBack(d: string): Point[] {
  const points: Point[] = [];
  for (const [, letter, x, y] of d.matchAll(/([Ml])(-?\d+) ?(-?\d+)/g)) {
    const [lastX, lastY] = letter === 'M' ? [0, 0] : points.at(-1)!;
    points.push([lastX + Number(x), lastY + Number(y)]);
  }
  return points;
}

it('draws the same strokes into any sink', () => {
  const calls: string[] = [];
  trace(
    [
      [0, 0],
      [10, 0],
      [10, 5],
    ],
    {
      moveTo: (x, y) => calls.push(`m${x},${y}`),
      lineTo: (x, y) => calls.push(`l${x},${y}`),
      closePath: () => calls.push('z'),
    },
    true,
  );
  expect(calls).toEqual(['m0,0', 'l10,0', 'l10,5', 'z']);
});

it('writes an outline step by step, closed or open', () => {
  expect(
    pathOf([
      [-3, 2],
      [10.4, 0],
      [10, -5],
    ]),
  ).toBe('M-3 2l13-2l0-5z');
  expect(pathOf([[1, 2]], false)).toBe('M1 2');
});

it.each(['fastback', 'van', 'pickup'] as const)(
  'comes through every point of the outlines of a %s, none drifting',
  (style) => {
    const { zones } = planOf(style)!;
    expect(zones.size).toBeGreaterThan(20);
    for (const { outline } of zones.values())
      expect(readBack(pathOf(outline))).toEqual(outline.map(([x, y]) => [Math.round(x) + 0, Math.round(y) + 0]));
  },
);
