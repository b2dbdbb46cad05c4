/** House values of the rigid-body fit. */
export const RIGID_LIMITS = {
  /** Fewest gaps, and fewest flushness figures, from which a movement is computed. */
  leastStations: 3,
  /** What a panel may be out by before anything is measured, standard deviations: shifts in mm, rotations in mrad. */
  priorMm: 6,
  priorMrad: 12,
  /** A movement whose doubt is above this share of that is not told by the stations. */
  untold: 0.5,
  /** Hinge slots reach so far either way, mm. */
  slotsMm: 4,
  /** Share of the misfit that a movement must explain before adjusting is worth it. */
  explained: 0.5,
  /** A station is suspected beyond so many standard deviations; its neighbours agree from this share of its residual on. */
  suspectSd: 3.5,
  agree: 0.4,
  /** Most stations that may be slips of measuring, as a share. */
  slips: 0.2,
  /** Standard error of a gap or flushness typed without one, mm. */
  typedSeMm: 0.25,
  /** Tolerance where none is stated, mm. */
  goodMm: 1,
  flushMm: 1,
  /** Residuals up to so many standard errors are measuring, not metal. */
  noiseSd: 2.5,
  source: 'house starting values; slots of about ±4 mm',
} as const;
