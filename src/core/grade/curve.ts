import type { Curve } from './tables';

/** Value of a curve at x: straight between its points, its ends' beyond them. `points` rise in x. */
export function alongCurve(points: Curve, x: number): number {
  const after = points.findIndex(([at]) => at >= x);
  if (after === 0) return points[0]![1];
  if (after < 0) return points[points.length - 1]![1];
  const [[x0, y0], [x1, y1]] = [points[after - 1]!, points[after]!];
  return y0 + ((y1 - y0) * (x - x0)) / (x1 - x0);
}
