/** √(ln 2 / π), the constant of the Gaussian profile filter (ISO 16610-21). */
const ALPHA = Math.sqrt(Math.LN2 / Math.PI);

/**
 * The long-wave part of an evenly spaced profile by the Gaussian filter of ISO 16610-21: half of a wave as long as the
 * cut-off passes. Near the ends the weights are cut off and renormed. Same length as the input; step and cut-off in one unit.
 */
export function gaussianLowPass(profile: readonly number[], step: number, cutOff: number): number[] {
  const reach = Math.ceil(cutOff / step);
  const weights = Array.from({ length: reach + 1 }, (_, i) =>
    Math.exp(-Math.PI * ((i * step) / (ALPHA * cutOff)) ** 2),
  );
  return profile.map((_, at) => {
    let sum = 0;
    let total = 0;
    const last = Math.min(profile.length - 1, at + reach);
    for (let i = Math.max(0, at - reach); i <= last; i++) {
      const w = weights[i < at ? at - i : i - at]!;
      sum += w * profile[i]!;
      total += w;
    }
    return sum / total;
  });
}

/** A profile less its least-squares polynomial of that order. Refuses (throws) fewer points than coefficients. */
export function withoutShape(profile: readonly number[], order: number): number[] {
  const n = profile.length;
  if (n <= order) throw new Error('a profile needs more points than the order of its shape');
  // Discrete orthogonal polynomials by Gram and Schmidt, so that no system needs solving.
  const basis: number[][] = [];
  const rest = [...profile];
  for (let k = 0; k <= order; k++) {
    const p = Array.from({ length: n }, (_, i) => ((2 * i) / (n - 1 || 1) - 1) ** k);
    for (const b of basis) {
      const dot = b.reduce((s, v, i) => s + v * p[i]!, 0);
      for (let i = 0; i < n; i++) p[i] = p[i]! - dot * b[i]!;
    }
    const norm = Math.sqrt(p.reduce((s, v) => s + v * v, 0));
    const unit = p.map((v) => v / norm);
    basis.push(unit);
    const dot = unit.reduce((s, v, i) => s + v * profile[i]!, 0);
    for (let i = 0; i < n; i++) rest[i] = rest[i]! - dot * unit[i]!;
  }
  return rest;
}
