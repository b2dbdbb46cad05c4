/** How a panel that opens hangs: where its hinges and its free edge are, in the panel's plane (x forward, y up). */
export interface Hanging {
  /** Hinges by name, as shares of the panel's length from its rear (x) and of its height from below (y). */
  readonly hinges: Readonly<Record<string, readonly [x: number, y: number]>>;
  /** The middle of the edge that is free of hinges, where the latch is. */
  readonly latch: readonly [x: number, y: number];
  readonly freeEdge: 'rear' | 'front' | 'lower' | 'upper';
  /**
   * How its plane lies in the car: a flank's is upright along it; a lid's lies, y to the car's left; a gate's is upright
   * across the tail, x towards its upper edge on the sheet, or towards its lower one.
   */
  readonly face: 'flank' | 'lid' | 'gate' | 'gate-upside-down';
}

/** A gate across the tail: on the sheet its upper edge lies forward, its lower edge rearward. */
const TOP_HINGED = {
  hinges: { left: [1, 0.85], right: [1, 0.15] },
  latch: [0, 0.5],
  freeEdge: 'lower',
  face: 'gate',
} as const satisfies Hanging;

/** The ways in which panels hang. A style's piece names one; a new way is an entry here. */
export const HANGINGS = {
  // Front edge, a quarter and three quarters of the height.
  door: { hinges: { upper: [1, 0.75], lower: [1, 0.25] }, latch: [0, 0.5], freeEdge: 'rear', face: 'flank' },
  // Lying panels: x forward, y to the car's left; hinged at the windshield's end and at the rear window's.
  hood: { hinges: { left: [0, 0.85], right: [0, 0.15] }, latch: [1, 0.5], freeEdge: 'front', face: 'lid' },
  deck: { hinges: { left: [1, 0.85], right: [1, 0.15] }, latch: [0, 0.5], freeEdge: 'rear', face: 'lid' },
  'top-hinged-gate': TOP_HINGED,
  // A drop gate's hinges lie at the bed's floor, which is forward on the sheet.
  'drop-gate': {
    hinges: { left: [1, 0.85], right: [1, 0.15] },
    latch: [0, 0.5],
    freeEdge: 'upper',
    face: 'gate-upside-down',
  },
  'engine-lid': TOP_HINGED,
} as const satisfies Readonly<Record<string, Hanging>>;

export type Hung = keyof typeof HANGINGS;
export const HUNG = Object.keys(HANGINGS) as Hung[];
export const hangingOf = (hung: Hung): Hanging => HANGINGS[hung];
