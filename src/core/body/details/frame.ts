import type { Point } from '../geometry';
import type { Plan } from '../plan';
import { circle, roundedBox } from '../strokes';
import type { Zone } from '../zone';

/** A line drawn on a piece so that a stranger knows what it is: a cut, or a fold or stitch (dashed). */
export interface DetailStroke {
  readonly points: readonly Point[];
  readonly closed: boolean;
  readonly dashed?: boolean;
  /** Filled with the ink: what is solid, seen as a silhouette. */
  readonly solid?: boolean;
}

/** The frame in which a detail is drawn: u from the front to the rear, v from below (or from the left edge) up, 0 to 1. */
export interface Frame {
  readonly zone: Zone;
  readonly plan: Plan;
  readonly widthMm: number;
  readonly heightMm: number;
  at(u: number, v: number): Point;
}

export const line = (f: Frame, points: readonly (readonly [u: number, v: number])[], dashed = false): DetailStroke => ({
  points: points.map(([u, v]) => f.at(u, v)),
  closed: false,
  ...(dashed && { dashed }),
});

export const box = (
  f: Frame,
  u0: number,
  v0: number,
  u1: number,
  v1: number,
  radiusMm = 20,
  dashed = false,
): DetailStroke => {
  const [a, b] = [f.at(u0, v0), f.at(u1, v1)];
  const [x0, x1] = [Math.min(a[0], b[0]), Math.max(a[0], b[0])];
  const [y0, y1] = [Math.min(a[1], b[1]), Math.max(a[1], b[1])];
  return { points: roundedBox(x0, y0, x1, y1, radiusMm), closed: true, ...(dashed && { dashed }) };
};

export const ring = (f: Frame, u: number, v: number, radiusMm: number, solid = false): DetailStroke => {
  const [x, y] = f.at(u, v);
  return { points: circle(x, y, radiusMm), closed: true, ...(solid && { solid }) };
};

export const spread = (n: number, from = 0, to = 1) =>
  Array.from({ length: n }, (_, i) => from + ((i + 0.5) / n) * (to - from));
