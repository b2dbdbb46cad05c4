/** House values of comparing colours from a photograph; verdicts after the usual reading of CIEDE2000. */
export const COLOUR_LIMITS = {
  /** Reflectance of the grey card. */
  cardReflectance: 0.18,
  /** Fewest pixels of a patch. */
  pixels: 400,
  /** Channel values of 255 at or beyond which a pixel is burnt out or drowned. */
  burnt: 252,
  drowned: 3,
  /** Share of such pixels that a patch may have. */
  clippedShare: 0.4,
  /** Share of the brightest and darkest pixels left out: reflections, dust, shadow lines. */
  brightestOut: 0.2,
  darkestOut: 0.1,
  /** Greatest ratio between the card's channels that a white balance can put right. */
  cast: 2.2,
  /** Greatest spread of the card's light across it, as a share. */
  cardSpread: 0.15,
  /** Least light on the card, linear 0 to 1. */
  leastLight: 0.02,
  /** CIEDE2000 that a camera, its curve and the light's evenness may add or take, beside the noise. */
  camera: 0.5,
  /** CIEDE2000 below which a difference is not seen, seen by a trained eye, noticeable side by side. */
  notSeen: 1,
  trained: 2,
  noticeable: 3.5,
  source: 'house starting values; CIEDE2000 after ISO/CIE 11664-6',
} as const;
