import type { Point } from '../../image/homography';

const { abs, hypot, log } = Math;

/** The card's size in the order of its corners: which side was given first is told by the picture. */
export function cardSize([w, h]: readonly [number, number], corners: readonly Point[]): readonly [number, number] {
  const side = (i: number) =>
    hypot(corners[(i + 1) % 4]![0] - corners[i]![0], corners[(i + 1) % 4]![1] - corners[i]![1]);
  const shape = log((side(0) + side(2)) / (side(1) + side(3)));
  return abs(shape - log(w / h)) <= abs(shape - log(h / w)) ? [w, h] : [h, w];
}

/** A card's corners on its plane, mm, clockwise from the origin. */
export const cardPlane = ([w, h]: readonly [number, number]): readonly Point[] => [
  [0, 0],
  [w, 0],
  [w, h],
  [0, h],
];

/** Twice the area, positive for corners that run clockwise on a picture (y down). */
export const turning = (p: readonly Point[]) =>
  p.reduce((s, [x, y], i) => s + x * p[(i + 1) % p.length]![1] - p[(i + 1) % p.length]![0] * y, 0);

export function convex(p: readonly Point[]): boolean {
  return p.every((a, i) => {
    const [b, c] = [p[(i + 1) % 4]!, p[(i + 2) % 4]!];
    return (b[0] - a[0]) * (c[1] - b[1]) - (b[1] - a[1]) * (c[0] - b[0]) > 0;
  });
}

export const perimeterOf = (corners: readonly Point[]) =>
  corners.reduce((s, p, i) => {
    const next = corners[(i + 1) % corners.length]!;
    return s + hypot(p[0] - next[0], p[1] - next[1]);
  }, 0);
