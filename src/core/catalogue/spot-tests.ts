/** What the surface shows at a spot of metal. */
export const SURFACES = [
  'unbroken',
  'bubbles',
  'holes',
  'browned',
  'pitted',
  'white-swelling',
  'flaking-underseal',
  'fresh-underseal',
  'neat-seam',
  'foreign-sheet',
] as const;
export type Surface = (typeof SURFACES)[number];

/** How a magnet holds: as on bare sheet, weakly, not at all. */
export const MAGNETS = ['holds', 'weak', 'off'] as const;
export const TAPS = ['rings', 'dull'] as const;
export const PRESSES = ['hard', 'gives'] as const;
/** What is seen from behind: by light, mirror or borescope. */
export const BEHIND = ['clean', 'rusty', 'through', 'patched'] as const;
export const TOUCHES = ['dry', 'damp'] as const;
/** Whether brown dust wipes off, as of a surface film, or stays. */
export const WIPES = ['wipes-off', 'stays'] as const;
/** What the film is by readings near the spot. */
export const FILMS = ['usual', 'thick', 'none'] as const;

/** The tests in the order in which they cost least: eyes, then hands, then leave. */
export const SPOT_TESTS = ['surface', 'magnet', 'tap', 'film', 'wipe', 'behind', 'touch', 'press'] as const;
export type SpotTest = (typeof SPOT_TESTS)[number];

/** What each test can give. */
export const TEST_RESULTS = {
  surface: SURFACES,
  magnet: MAGNETS,
  tap: TAPS,
  film: FILMS,
  wipe: WIPES,
  behind: BEHIND,
  touch: TOUCHES,
  press: PRESSES,
} as const satisfies Readonly<Record<SpotTest, readonly string[]>>;
