/** House values of telling rust on paint by its colour and darkness. */
export const RUST_LIMITS = {
  /** Longest side at which the picture is worked, px, and the fewest pixels of the panel. */
  workPx: 1400,
  leastPx: 30_000,
  /** Side of the cells by which the paint's own light and colour are followed, px. */
  cellPx: 40,
  /** Softest edges that are still in focus, px standard deviation at the working size. */
  softestPx: 2.6,
  /** Share of rust from which soft edges tell that the picture is out of focus. */
  softRust: 0.0003,
  /** Coded values at which light is burnt out or drowned, and the share of the panel that may be. */
  burnt: 251,
  drowned: 5,
  burntShare: 0.2,
  drownedShare: 0.2,
  /** Rust's colour as logarithms of linear light (iron oxides from orange to brown black): mean and spread. */
  redness: [1.25, 0.45],
  yellowness: [1.05, 0.5],
  /** How its light differs from the paint's, logarithm: mean and spread. */
  lightSpread: 1.4,
  /** Spread of the colour of dirt, primer and highlights about neutral. */
  neutral: 0.22,
  /** What of the paint's own colour and light varies without being rust, beside the camera's grain. */
  paintChroma: 0.09,
  paintLight: 0.22,
  /** Odds of rust before looking, logarithm; and at which odds a pixel starts a spot, or counts alone. */
  before: -3,
  start: 0,
  alone: 4,
  source: 'house starting values; ISO 4628-3 for what is counted',
} as const;

export const RUST_REFUSALS = ['too-few-pixels', 'burnt-out', 'too-dark', 'blurred'] as const;
export type RustRefusal = (typeof RUST_REFUSALS)[number];
