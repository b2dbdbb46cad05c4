/** House values of how far a thickness gauge is trusted; units in the names. */
export const GAUGE_LIMITS = {
  /** A check that would scale readings by more than this factor, either way, is a slip and not a correction. */
  mostScale: 1.25,
  /** A zero further off than this, µm, likewise. */
  mostOffsetUm: 60,
  /** Drift between two checks that is told: a part of the foil and a fixed part. */
  driftShare: 0.03,
  driftUm: 2,
  /** °C below which many gauges stop. */
  coldC: 5,
  /** mm from an edge within which gauges misread. */
  edgeMm: 10,
  /** Readings that a check takes on the plate and on the foil each, and how far they may scatter, µm and share of their mean. */
  checkReadings: 3,
  checkScatterUm: 4,
  checkScatterShare: 0.04,
  source: 'house starting values after ASTM D7091 (verification and adjustment of gauges) and the makers’ usual limits',
} as const;
