import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import type { Estimate } from './estimate';
import { studentQuantile } from './student';

export interface Fitted {
  readonly coefficients: readonly Estimate[];
  /** Residual sum of squares. */
  readonly rss: number;
  readonly degrees: number;
}

/**
 * Ordinary least squares y ≈ X·β with intervals by Student's t, 10 to 90 % unless another upper end is asked for (Draper & Smith, Applied Regression Analysis,
 * §5). Null where X has not more rows than columns, or its columns depend on each other.
 */
export function leastSquares(rows: readonly (readonly number[])[], y: readonly number[], upTo = 0.9): Fitted | null {
  const [n, p] = [rows.length, rows[0]?.length ?? 0];
  if (n <= p || p === 0) return null;
  const x = new Matrix(rows as number[][]);
  const normal = x.transpose().mmul(x);
  const cholesky = new CholeskyDecomposition(normal);
  if (!cholesky.isPositiveDefinite()) return null;
  const inverse = cholesky.solve(Matrix.eye(p));
  const beta = inverse.mmul(x.transpose().mmul(Matrix.columnVector(y as number[])));
  const rss = Matrix.sub(x.mmul(beta), Matrix.columnVector(y as number[]))
    .to1DArray()
    .reduce((s, r) => s + r * r, 0);
  const degrees = n - p;
  const wide = studentQuantile(upTo, degrees) * Math.sqrt(rss / degrees);
  const coefficients = Array.from({ length: p }, (_, i): Estimate => {
    const [value, half] = [beta.get(i, 0), wide * Math.sqrt(Math.max(0, inverse.get(i, i)))];
    return { value, low: value - half, high: value + half, n };
  });
  return coefficients.every((c) => Number.isFinite(c.value!)) ? { coefficients, rss, degrees } : null;
}
