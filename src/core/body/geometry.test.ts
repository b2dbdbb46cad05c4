import fc from 'fast-check';
import {
  areaM2,
  boxOf,
  centroid,
  contains,
  distanceToOutline,
  distanceToSegment,
  lengthMm,
  mirror,
  type Point,
  pointAlong,
  signedAreaMm2,
} from './geometry';
import { arc, bow, circle, crossEdge, crossStrip, roundedBox, wheelArch } from './strokes';

const square: Point[] = [
  [0, 0],
  [1000, 0],
  [1000, 1000],
  [0, 1000],
];

describe('outlines', () => {
  it('has the area of a square metre, signed by its sense', () => {
    expect(areaM2(square)).toBe(1);
    expect(signedAreaMm2(square)).toBe(1e6);
    expect(signedAreaMm2([...square].reverse())).toBe(-1e6);
  });

  it('finds the centre of area, also of a shape that encloses nothing', () => {
    expect(centroid(square)).toEqual([500, 500]);
    // Worked by hand: the centre of a triangle is the mean of its corners.
    const [x, y] = centroid([
      [0, 0],
      [300, 0],
      [0, 600],
    ]);
    expect(x).toBeCloseTo(100, 9);
    expect(y).toBeCloseTo(200, 9);
    expect(
      centroid([
        [0, 0],
        [10, 0],
      ]),
    ).toEqual([5, 0]);
  });

  it('boxes points, and none as the empty box', () => {
    expect(
      boxOf([
        [3, -2],
        [-1, 7],
      ]),
    ).toEqual({ minX: -1, minY: -2, maxX: 3, maxY: 7 });
    expect(boxOf([])).toEqual({ minX: 0, minY: 0, maxX: 0, maxY: 0 });
  });

  it('knows inside from outside', () => {
    expect(contains(square, [500, 500])).toBe(true);
    expect(contains(square, [1500, 500])).toBe(false);
    expect(contains(square, [-1, -1])).toBe(false);
  });

  it('measures distances to segments and outlines', () => {
    expect(distanceToSegment([0, 5], [-10, 0], [10, 0])).toBe(5);
    expect(distanceToSegment([13, 4], [-10, 0], [10, 0])).toBe(5);
    expect(distanceToSegment([3, 4], [0, 0], [0, 0])).toBe(5);
    expect(distanceToOutline(square, [500, 400])).toBe(400);
  });

  it('keeps areas and turns sides when mirrored', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: -900, max: 900 }), fc.integer({ min: -900, max: 900 })), {
          minLength: 3,
          maxLength: 12,
        }),
        (points) => Math.abs(areaM2(mirror(points)) - areaM2(points)) < 1e-12,
      ),
      { seed: 2 },
    );
  });
});

describe('lines', () => {
  const bent: Point[] = [
    [0, 0],
    [300, 0],
    [300, 400],
  ];
  it('are as long as their pieces', () => {
    expect(lengthMm(bent)).toBe(700);
    expect(lengthMm([[1, 1]])).toBe(0);
  });
  it('have points along them by share', () => {
    expect(pointAlong(bent, 0)).toEqual([0, 0]);
    expect(pointAlong(bent, 0.5)).toEqual([300, 50]);
    expect(pointAlong(bent, 1)).toEqual([300, 400]);
  });
});

describe('strokes', () => {
  it('draws circles of nearly the right area', () => {
    expect(areaM2(circle(0, 0, 300)) / (Math.PI * 0.09)).toBeCloseTo(1, 1);
  });
  it('starts and ends arcs where asked', () => {
    const points = arc(0, 0, 10, 0, 90, 4);
    expect(points).toHaveLength(5);
    expect(points[0]![0]).toBeCloseTo(10, 9);
    expect(points[4]![1]).toBeCloseTo(10, 9);
  });
  it('bows between its ends', () => {
    const points = bow([0, 0], [50, 100], [100, 0], 2);
    expect(points).toEqual([
      [0, 0],
      [50, 50],
      [100, 0],
    ]);
  });
  it('rounds corners away, not more than the box holds', () => {
    expect(areaM2(roundedBox(0, 0, 1000, 1000, 0))).toBeCloseTo(1, 6);
    expect(areaM2(roundedBox(0, 0, 1000, 1000, 5000))).toBeLessThan(0.8);
  });
  it('meets the height it was asked for with a wheel arch', () => {
    const arch = wheelArch(800, 310, 366, 300);
    expect(arch[0]![1]).toBeCloseTo(300, 6);
    expect(arch[arch.length - 1]![1]).toBeCloseTo(300, 6);
    expect(Math.max(...arch.map((p) => p[1]))).toBeCloseTo(676, 0);
  });
  it('makes strips symmetric about the centre line', () => {
    const strip = crossStrip(0, 1000, 600, 700, 20, 30);
    const box = boxOf(strip);
    expect(box.minY).toBeCloseTo(-box.maxY, 9);
    const edge = crossEdge(1000, 700, 30);
    expect(edge[0]).toEqual([1000, -700]);
    for (const p of edge) expect(distanceToOutline(strip, p)).toBeLessThan(1);
  });
});
