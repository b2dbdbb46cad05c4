/** Why no gap is read off a photograph. */
export const GAP_REFUSALS = [
  'card-not-flat',
  'too-coarse',
  'blurred',
  'no-slot',
  'too-tilted',
  'seam-off-plane',
  'unreadable',
] as const;
export type GapRefusal = (typeof GAP_REFUSALS)[number];
