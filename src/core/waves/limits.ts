/** House values of reading waves from reflected stripes. */
export const WAVES_LIMITS = {
  /** Wavelength at which the two bands part, and the longest that counts, mm: orange peel below, filler and hammer waves above. */
  shortUpToMm: 10,
  longUpToMm: 100,
  /** Order of the smooth curve that the panel's own shape may take. */
  shapeOrder: 3,
  /** Least length of the stretch, mm, and least resolution, px per mm. */
  leastLengthMm: 150,
  leastPxPerMm: 1.5,
  /** Length of the pieces that are resampled for the doubt, mm, and the fewest of them. */
  blockMm: 50,
  leastBlocks: 4,
  /** Fewest edges of stripes that must be followed, and the share of the stretch that each must cover. */
  leastEdges: 4,
  leastShare: 0.6,
  /** Least pitch of the stripes, px, and how far an edge may jump from one column to the next, as a share of it. */
  leastPitchPx: 8,
  jump: 0.18,
  /** Columns without an edge that are bridged. */
  bridgePx: 6,
  /** Least contrast between stripes, of 255. */
  contrast: 18,
  /** An edge softer than this share of the pitch, from 20 to 80 % of its height, is blurred (stripes blurred to a sine: 0.19). */
  softest: 0.15,
  /** Share of burnt-out or drowned pixels, and the values of 255 at which they count. */
  clippedShare: 0.5,
  burnt: 254,
  source: 'house starting values; Gaussian profile filter after ISO 16610-21',
} as const;

export const WAVES_REFUSALS = ['outside', 'too-short', 'too-coarse', 'no-stripes', 'blurred', 'burnt-out'] as const;
export type WavesRefusal = (typeof WAVES_REFUSALS)[number];
