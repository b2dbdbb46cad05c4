import jstat from 'jstat';

const { abs, exp, log, log1p } = Math;
const ROOT2 = Math.SQRT2;

/**
 * The standard normal distribution.
 * Upper tail by the Chebyshev expansion of erfc of Press et al., Numerical Recipes (3rd ed., §6.2.2): its fractional error
 * is near that of double precision.
 */
function erfcScaled(z: number): number {
  // erfc(z) = t * exp(-z² + P(t)) for z ≥ 0; returns the logarithm so that far tails do not underflow.
  const t = 2 / (2 + z);
  const ty = 4 * t - 2;
  let d = 0;
  let dd = 0;
  for (let j = ERFC_CHEBYSHEV.length - 1; j > 0; j--) {
    const tmp = d;
    d = ty * d - dd + (ERFC_CHEBYSHEV[j] as number);
    dd = tmp;
  }
  return log(t) - z * z + 0.5 * ((ERFC_CHEBYSHEV[0] as number) + ty * d) - dd;
}

const ERFC_CHEBYSHEV = [
  -1.3026537197817094, 0.6419697923564903, 1.9476473204185836e-2, -9.561514786808631e-3, -9.46595344482036e-4,
  3.66839497852761e-4, 4.2523324806907e-5, -2.0278578112534e-5, -1.624290004647e-6, 1.30365583558e-6, 1.5626441722e-8,
  -8.5238095915e-8, 6.529054439e-9, 5.059343495e-9, -9.91364156e-10, -2.27365122e-10, 9.6467911e-11, 2.394038e-12,
  -6.886027e-12, 8.94487e-13, 3.13092e-13, -1.12708e-13, 3.81e-16, 7.106e-15,
];

/** Natural logarithm of the upper tail P(Z > z); finite for every finite z. */
export function logUpperTail(z: number): number {
  if (z >= 0) return erfcScaled(z / ROOT2) - Math.LN2;
  return log1p(-0.5 * exp(erfcScaled(-z / ROOT2)));
}

/** Beyond this many standard deviations a tail is less than a double tells from nothing beside one. */
const WHOLE_FROM = 8.3;

/** P(Z > z), to within 1e-16 of one: quicker than by its logarithm. */
export function upperTail(z: number): number {
  if (z > WHOLE_FROM) return 0;
  if (z < -WHOLE_FROM) return 1;
  const half = 0.5 * exp(erfcScaled(abs(z) / ROOT2));
  return z < 0 ? 1 - half : half;
}

/** P(Z ≤ z). */
export function normalCdf(z: number): number {
  return z < 0 ? exp(logUpperTail(-z)) : 1 - exp(logUpperTail(z));
}

/** The z for which P(Z ≤ z) = p, 0 < p < 1; ±Infinity at the ends. */
export function normalQuantile(p: number): number {
  if (p <= 0) return -Infinity;
  return p >= 1 ? Infinity : jstat.jStat.normal.inv(p, 0, 1);
}

/** The 90 % point of the standard normal: half-width in standard deviations of a 10 to 90 % interval. */
export const Z_90 = 1.2815515655446004;
