/** House values of reading gaps off photographs. */
export const GAP_LIMITS = {
  /** Distance of stations along the seam unless asked otherwise, mm, and its bounds. */
  stepMm: 5,
  leastStepMm: 1,
  mostStepMm: 50,
  /** Resolution below which a picture is too coarse, px per mm ("about 4"). */
  leastPxPerMm: 3.5,
  /** Resolution above which a picture is made coarser before it is measured. */
  finestPxPerMm: 16,
  /** Tilt from which is warned, and above which is refused, degrees. */
  warnTiltDeg: 30,
  mostTiltDeg: 38,
  /** Farthest from the card that the plane is trusted, as a multiple of the card's diagonal. */
  mostReach: 5,
  /** Side of the square in which an inner mark is looked for, mm, its least contrast of 255, and how far off it may lie, mm. */
  markSearchMm: 7,
  markContrast: 60,
  marksOffMm: 0.5,
  /** Rows along the seam, mm; how far either side of the drawn line is searched; widths that a gap can have. */
  rowMm: 0.5,
  searchMm: 11,
  leastWidthMm: 0.8,
  mostWidthMm: 16,
  /** How far along the seam its middle line is smoothed, mm. */
  smoothMm: 5,
  /** Half the stretch along the seam that is averaged for one station, mm. */
  averageMm: 1.5,
  /** Least change of light at an edge of the slot, of 255, and as a multiple of the noise. */
  contrast: 7,
  contrastOverNoise: 2.2,
  /** Change of luma from paint to slot below which colour is used too, of 255. */
  lumaContrast: 22,
  /** Share of the slot's darkness that must lie right behind its edges. */
  depth: 0.45,
  /** Share of stations that must be read, and the fewest. */
  leastRead: 0.5,
  leastStations: 3,
  /** A station that is off its neighbours by more is refused, mm and as a multiple of their spread. */
  outlierMm: 0.5,
  outlierSpread: 4.5,
  /** Blur beyond which edges are not trusted: standard deviation in mm at the panel, and in px. */
  blurMm: 0.36,
  blurPx: 2.2,
  /** A step: a jump that lasts, mm, and how many stations either side it is judged by. */
  stepJumpMm: 0.6,
  stepStations: 3,
  /** How far behind an edge its dark is taken, in blurs. */
  darkBlurs: 2,
  /** What every edge may be off beside its noise: px (lips, the camera's curve), and shares of the blur (its tone). */
  edgePx: 0.2,
  edgeBlurs: 0.32,
  /** What an edge moved by hand may be off, mm (half of the 10 to 90 % interval). */
  handMm: 0.15,
  source: 'house starting values; resolution and tilt after the handbook of the trade',
} as const;
