/** House values of telling pits, rust and peeling on bright metal from what it mirrors. */
export const PLATING_LIMITS = {
  /** Longest side at which the picture is worked, px, and the fewest pixels of the piece. */
  workPx: 1400,
  leastPx: 12_000,
  softestPx: 2.6,
  /** Coded value from which light is burnt out, and the share of the piece that may be. */
  burnt: 253,
  burntShare: 0.3,
  drowned: 5,
  drownedShare: 0.4,
  /** Longest thing that still counts as a spot and no reflection, as a share of the piece's width, within bounds in px. */
  spotShare: 0.14,
  spotPx: [31, 141],
  /** How much darker than all round it a pit is, of 255, and as a share of the light round it. */
  pitDepth: 20,
  pitShare: 0.28,
  /** How much warmer than all round it rust or bared metal is, logarithm of colour. */
  warmth: 0.42,
  /** Colour that is rust whatever lies round it: redness and yellowness, logarithms. */
  rusty: [0.62, 0.5],
  /** Where round a spot it is asked whether it goes on, px; how near its own value that is, and how much of the rim may. */
  rimPx: [3, 6],
  alike: 0.45,
  alikeShare: 0.22,
  /** Long, thin and straight: standard deviations along by across, and along, px. */
  bar: { times: 3.6, timesNeutral: 2.2, neutral: 0.15, leastPx: 12 },
  /** Share of a spot that is rust by its colour alone from which it needs nothing else. */
  certainShare: 0.3,
  /** Share of the picture above which a merely dark thing is no pit. */
  darkShare: 0.0008,
  /** Smallest pit that is counted, px at the working size. */
  leastPit: 3,
  source: 'house starting values; ISO 10289 for the rating',
} as const;

export const PLATING_REFUSALS = ['too-few-pixels', 'burnt-out', 'too-dark', 'blurred', 'not-alike'] as const;
export type PlatingRefusal = (typeof PLATING_REFUSALS)[number];
