/** Low, likely, high. */
export type Triple = readonly [low: number, likely: number, high: number];

/** A triangle made ready to be drawn from many times. */
export interface Ready {
  readonly low: number;
  readonly likely: number;
  readonly high: number;
  /** Share of it that lies below the likely value; no number where all three are the same. */
  readonly mode: number;
  readonly up: number;
  readonly down: number;
}

export function ready([low, likely, high]: Triple): Ready {
  const width = high - low;
  return {
    low,
    likely,
    high,
    mode: width > 0 ? (likely - low) / width : Number.NaN,
    up: width * (likely - low),
    down: width * (high - likely),
  };
}

/**
 * The value of a triangular distribution below which a share `u` of it lies, by its inverse (Law, Simulation Modeling and
 * Analysis, 5th ed., §8.3.15). The middle value itself where all three are the same.
 */
export function drawFrom(t: Ready, u: number): number {
  if (u < t.mode) return t.low + Math.sqrt(u * t.up);
  return u >= t.mode ? t.high - Math.sqrt((1 - u) * t.down) : t.likely;
}

/** The same of a triangle that is drawn from once. */
export const triangular = (t: Triple, u: number): number => drawFrom(ready(t), u);
