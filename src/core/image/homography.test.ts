import { seeded } from '../stats/random';
import { homographyOf, inverse, mapped, meanStretch, type Point, stretchAt, tiltDegOf } from './homography';

const SQUARE: readonly Point[] = [
  [0, 0],
  [1, 0],
  [1, 1],
  [0, 1],
];

it('maps the unit square as worked by hand', () => {
  // To the trapezium (0,0) (1,0) (¾,½) (¼,½): u = (x + ½y)/(1 + y), v = y/(1 + y). At (½, ½): u = ¾ / 1½ = ½, v = ½ / 1½ = ⅓.
  const h = homographyOf(SQUARE, [
    [0, 0],
    [1, 0],
    [0.75, 0.5],
    [0.25, 0.5],
  ])!;
  expect(mapped(h, 0.5, 0.5)![0]).toBeCloseTo(0.5, 12);
  expect(mapped(h, 0.5, 0.5)![1]).toBeCloseTo(1 / 3, 12);
  expect(h[7]).toBeCloseTo(1, 12);
});

it('takes four corners to four corners, and back, whatever they are', () => {
  const random = seeded(11);
  for (let n = 0; n < 200; n++) {
    const near = (p: Point): Point => [900 * p[0] + 300 * random(), 700 * p[1] + 250 * random()];
    const to = SQUARE.map(near);
    const h = homographyOf(SQUARE, to)!;
    const back = inverse(h)!;
    SQUARE.forEach((p, i) => {
      const there = mapped(h, ...p)!;
      expect(Math.hypot(there[0] - to[i]![0], there[1] - to[i]![1])).toBeLessThan(1e-6);
      const home = mapped(back, ...there)!;
      expect(Math.hypot(home[0] - p[0], home[1] - p[1])).toBeLessThan(1e-9);
    });
  }
});

it('refuses corners on one line, and maps that lose a direction', () => {
  expect(
    homographyOf(
      [
        [0, 0],
        [1, 1],
        [2, 2],
        [0, 1],
      ],
      SQUARE,
    ),
  ).toBeNull();
  expect(inverse([1, 0, 0, 1, 0, 0, 0, 0, 1])).toBeNull();
});

it('has no place beyond the horizon', () => {
  // w = 1 − x: the horizon is x = 1.
  const h = [1, 0, 0, 0, 1, 0, -1, 0, 1] as const;
  expect(mapped(h, 0.5, 2)).toEqual([1, 4]);
  expect(mapped(h, 1, 0)).toBeNull();
  expect(mapped(h, 3, 0)).toBeNull();
});

it('tells how a map stretches, and the tilt behind it', () => {
  // A plane turned away by 60° about the y axis, seen from afar: half as wide.
  const squeezed = [5, 0, 0, 0, 10, 0, 0, 0, 1] as const;
  const s = stretchAt(squeezed, 3, 4)!;
  expect([s.large, s.small]).toEqual([10, 5]);
  expect(tiltDegOf(s)).toBeCloseTo(60, 9);
  expect(meanStretch(s)).toBeCloseTo(Math.sqrt(50), 12);
  // Turning the picture changes no factor.
  const [c, d] = [Math.cos(0.7), Math.sin(0.7)];
  const turned = stretchAt([5 * c, -10 * d, 0, 5 * d, 10 * c, 0, 0, 0, 1], 3, 4)!;
  expect(turned.large).toBeCloseTo(10, 9);
  expect(turned.small).toBeCloseTo(5, 9);
  expect(tiltDegOf({ large: 1, small: 1.0000001 })).toBe(0);
});
