import { studentQuantile } from '../stats/student';

/** How two ways of measuring the same thing differ. */
export interface Limits {
  readonly n: number;
  /** Mean of the differences, the second less the first, and their standard deviation. */
  readonly bias: number;
  readonly sd: number;
  /** Between these lie about 95 of 100 differences. */
  readonly lower: number;
  readonly upper: number;
  /** Where the bias lies with 95 %: it is one where this does not hold zero. */
  readonly biasLow: number;
  readonly biasHigh: number;
}

const WIDE = 1.96;
const TWO_SIDED = 0.975;

/**
 * Limits of agreement of pairs (Bland and Altman, Lancet i, 1986, 307–310): mean difference ± 1.96 standard deviations, with the
 * interval of the mean by Student's t. Null for fewer than three pairs.
 */
export function limitsOfAgreement(pairs: readonly (readonly [first: number, second: number])[]): Limits | null {
  const n = pairs.length;
  if (n < 3) return null;
  const differences = pairs.map(([a, b]) => b - a);
  const bias = differences.reduce((s, d) => s + d, 0) / n;
  const sd = Math.sqrt(differences.reduce((s, d) => s + (d - bias) ** 2, 0) / (n - 1));
  const half = (studentQuantile(TWO_SIDED, n - 1) * sd) / Math.sqrt(n);
  return {
    n,
    bias,
    sd,
    lower: bias - WIDE * sd,
    upper: bias + WIDE * sd,
    biasLow: bias - half,
    biasHigh: bias + half,
  };
}
