/** What can be wrong with a tire, and how it is worn. */
export const TIRE_FAULTS = [
  'side-cracks',
  'cut',
  'chunk-out',
  'bulge',
  'cords',
  'flat-spot',
  'worn-inside',
  'worn-outside',
  'worn-middle',
  'feathered',
  'white-wall-stained',
] as const;
export type TireFault = (typeof TIRE_FAULTS)[number];

/** What can be wrong with a wheel. */
export const WHEEL_FAULTS = ['kerb-damage', 'bent-rim', 'cracked', 'rusty', 'plating-gone', 'not-of-the-car'] as const;
export type WheelFault = (typeof WHEEL_FAULTS)[number];

export const PLIES = ['radial', 'bias', 'unknown'] as const;
