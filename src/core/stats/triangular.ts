/** Low, likely, high. */
export type Triple = readonly [low: number, likely: number, high: number];

/**
 * The value of a triangular distribution below which a share `u` of it lies, by its inverse (Law, Simulation Modeling and
 * Analysis, 5th ed., §8.3.15). The middle value itself where all three are the same.
 */
export function triangular([low, likely, high]: Triple, u: number): number {
  const width = high - low;
  if (width <= 0) return likely;
  const at = (likely - low) / width;
  return u < at ? low + Math.sqrt(u * width * (likely - low)) : high - Math.sqrt((1 - u) * width * (high - likely));
}
