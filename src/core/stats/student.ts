import { normalQuantile } from './normal';

/**
 * The quantile of Student's t with ν degrees of freedom (ν ≥ 1) by its expansion about the normal one (Abramowitz and
 * Stegun, Handbook of Mathematical Functions, 26.7.5): within 1 % from ν = 3 on, 4 % at ν = 1, for p from 0.05 to 0.95.
 */
export function studentQuantile(p: number, degrees: number): number {
  const x = normalQuantile(p);
  const [x3, x5, x7, x9] = [x ** 3, x ** 5, x ** 7, x ** 9];
  return (
    x +
    (x3 + x) / (4 * degrees) +
    (5 * x5 + 16 * x3 + 3 * x) / (96 * degrees ** 2) +
    (3 * x7 + 19 * x5 + 17 * x3 - 15 * x) / (384 * degrees ** 3) +
    (79 * x9 + 776 * x7 + 1482 * x5 - 1920 * x3 - 945 * x) / (92160 * degrees ** 4)
  );
}
