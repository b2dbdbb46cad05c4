import { between, placeBetween } from '../stats/between';
import type { Curve } from './tables';

/** Value of a curve at x: straight between its points, its ends' beyond them. `points` rise in x. */
export function alongCurve(points: Curve, x: number): number {
  const [i, t] = placeBetween(
    x,
    points.map(([at]) => at),
  );
  return between(points[i]![1], points[i + 1]![1], t);
}
