import { z } from 'zod';
import { SPOT_TESTS, type SpotTest, TEST_RESULTS } from '../catalogue/spot-tests';
import { defineTable } from '../model/table';

/** What a spot of metal can be. */
export const SPOT_STATES = [
  'sound',
  'weathering',
  'untouched-rust',
  'disguised-repair',
  'patch-well',
  'patch-poorly',
  'galvanic',
  'old-underseal',
] as const;
export type SpotState = (typeof SPOT_STATES)[number];

/** Metals whose spots are read, each by its own rules. */
export const READ_METALS = ['steel', 'aluminium'] as const;
export type ReadMetal = (typeof READ_METALS)[number];

const chances = z
  .array(z.number().min(0.001).max(1))
  .min(2)
  .refine((c) => Math.abs(c.reduce((a, b) => a + b, 0) - 1) < 0.011, 'chances that sum to 1');
/** For each test, the chance of each of its results, in the order of catalogue/spot-tests.ts. */
const likelihoodSchema = z.object(
  Object.fromEntries(
    SPOT_TESTS.map((t) => [t, chances.refine((c) => c.length === TEST_RESULTS[t].length, 'a chance for each result')]),
  ) as Record<SpotTest, typeof chances>,
);
const stateSchema = z.object({ prior: z.number().min(0).max(1), gives: likelihoodSchema });

export const spotTableSchema = z.object({
  source: z.string(),
  steel: z.record(z.enum(SPOT_STATES), stateSchema),
  aluminium: z.record(z.enum(SPOT_STATES), stateSchema),
  /** Below that chance of the likeliest state a spot is undecided. */
  decided: z.number().min(0.34).max(0.99),
  /** A result counts as speaking for a state at so many times its chance under the others. */
  speaks: z.number().min(1.5).max(50),
  /** Readings within that distance of a spot count as near it, mm. */
  nearMm: z.number().positive(),
  /** From that film on it is thick, µm. */
  thickUm: z.number().positive(),
});
export type SpotTable = z.infer<typeof spotTableSchema>;

type Rows = Record<SpotTest, number[]>;
// surface: unbroken bubbles holes browned pitted white-swelling flaking-underseal fresh-underseal neat-seam foreign-sheet
// magnet: holds weak off · tap: rings dull · film: usual thick none · wipe: wipes-off stays
// behind: clean rusty through patched · touch: dry damp · press: hard gives
const SOUND: Rows = {
  surface: [0.9, 0.01, 0.002, 0.02, 0.008, 0.005, 0.015, 0.02, 0.015, 0.005],
  magnet: [0.96, 0.03, 0.01],
  tap: [0.94, 0.06],
  film: [0.96, 0.03, 0.01],
  wipe: [0.6, 0.4],
  behind: [0.95, 0.04, 0.002, 0.008],
  touch: [0.93, 0.07],
  press: [0.99, 0.01],
};
const STEEL: Record<SpotState, { prior: number; gives: Rows }> = {
  sound: { prior: 0.4, gives: SOUND },
  weathering: {
    prior: 0.08,
    gives: {
      surface: [0.05, 0.02, 0.003, 0.85, 0.05, 0.007, 0.01, 0.003, 0.004, 0.003],
      magnet: [0.96, 0.03, 0.01],
      tap: [0.93, 0.07],
      film: [0.9, 0.05, 0.05],
      wipe: [0.8, 0.2],
      behind: [0.8, 0.18, 0.005, 0.015],
      touch: [0.9, 0.1],
      press: [0.985, 0.015],
    },
  },
  'untouched-rust': {
    prior: 0.2,
    gives: {
      surface: [0.12, 0.4, 0.18, 0.06, 0.18, 0.005, 0.03, 0.01, 0.005, 0.01],
      magnet: [0.78, 0.19, 0.03],
      tap: [0.6, 0.4],
      film: [0.86, 0.09, 0.05],
      wipe: [0.08, 0.92],
      behind: [0.08, 0.62, 0.28, 0.02],
      touch: [0.65, 0.35],
      press: [0.55, 0.45],
    },
  },
  'disguised-repair': {
    prior: 0.12,
    gives: {
      // Filler over rust is holed again where it was laid years ago.
      surface: [0.605, 0.14, 0.065, 0.01, 0.01, 0.005, 0.02, 0.1, 0.035, 0.01],
      magnet: [0.06, 0.3, 0.64],
      tap: [0.08, 0.92],
      film: [0.06, 0.74, 0.2],
      wipe: [0.3, 0.7],
      behind: [0.12, 0.45, 0.25, 0.18],
      touch: [0.8, 0.2],
      press: [0.75, 0.25],
    },
  },
  'patch-well': {
    prior: 0.07,
    gives: {
      surface: [0.42, 0.01, 0.002, 0.01, 0.008, 0.005, 0.015, 0.08, 0.4, 0.05],
      magnet: [0.86, 0.12, 0.02],
      tap: [0.8, 0.2],
      film: [0.62, 0.36, 0.02],
      wipe: [0.5, 0.5],
      behind: [0.22, 0.06, 0.005, 0.715],
      touch: [0.93, 0.07],
      press: [0.98, 0.02],
    },
  },
  'patch-poorly': {
    prior: 0.07,
    gives: {
      surface: [0.1, 0.06, 0.03, 0.02, 0.04, 0.005, 0.02, 0.1, 0.025, 0.6],
      magnet: [0.55, 0.25, 0.2],
      tap: [0.4, 0.6],
      film: [0.5, 0.4, 0.1],
      wipe: [0.3, 0.7],
      behind: [0.05, 0.2, 0.15, 0.6],
      touch: [0.75, 0.25],
      press: [0.75, 0.25],
    },
  },
  galvanic: { prior: 0.001, gives: SOUND },
  'old-underseal': {
    prior: 0.06,
    gives: {
      surface: [0.05, 0.01, 0.003, 0.02, 0.01, 0.002, 0.85, 0.035, 0.01, 0.01],
      magnet: [0.7, 0.28, 0.02],
      tap: [0.2, 0.8],
      film: [0.15, 0.6, 0.25],
      wipe: [0.5, 0.5],
      behind: [0.85, 0.12, 0.01, 0.02],
      touch: [0.88, 0.12],
      press: [0.97, 0.03],
    },
  },
};
/** On aluminium a magnet never holds and rust does not come: a magnet that holds is a steel patch. */
const NO_HOLD = [0.01, 0.02, 0.97];
const onAluminium = (gives: Rows, more: Partial<Rows> = {}): Rows => ({
  ...gives,
  magnet: NO_HOLD,
  wipe: [0.5, 0.5],
  ...more,
});
const ALUMINIUM: Record<SpotState, { prior: number; gives: Rows }> = {
  sound: { prior: 0.5, gives: onAluminium(SOUND) },
  weathering: {
    prior: 0.05,
    gives: onAluminium(STEEL.weathering.gives, {
      surface: [0.75, 0.02, 0.003, 0.05, 0.1, 0.05, 0.01, 0.009, 0.004, 0.004],
    }),
  },
  'untouched-rust': { prior: 0.001, gives: STEEL['untouched-rust'].gives },
  'disguised-repair': {
    prior: 0.1,
    gives: onAluminium(STEEL['disguised-repair'].gives, {
      surface: [0.68, 0.1, 0.01, 0.005, 0.01, 0.05, 0.02, 0.08, 0.035, 0.01],
    }),
  },
  'patch-well': { prior: 0.05, gives: onAluminium(STEEL['patch-well'].gives, { magnet: [0.15, 0.1, 0.75] }) },
  'patch-poorly': { prior: 0.05, gives: onAluminium(STEEL['patch-poorly'].gives, { magnet: [0.4, 0.1, 0.5] }) },
  galvanic: {
    prior: 0.2,
    gives: {
      surface: [0.08, 0.27, 0.03, 0.005, 0.1, 0.48, 0.01, 0.01, 0.005, 0.01],
      magnet: [0.03, 0.07, 0.9],
      tap: [0.5, 0.5],
      film: [0.82, 0.12, 0.06],
      wipe: [0.3, 0.7],
      behind: [0.2, 0.6, 0.15, 0.05],
      touch: [0.7, 0.3],
      press: [0.6, 0.4],
    },
  },
  'old-underseal': { prior: 0.03, gives: onAluminium(STEEL['old-underseal'].gives) },
};

/** What tests at a spot give, by what the spot is. */
export const spotTable = defineTable<SpotTable>({
  stored: 'spot-tests',
  schema: spotTableSchema,
  defaults: {
    source: 'house starting values after the usual readings of magnet, tap, press and mirror',
    steel: STEEL,
    aluminium: ALUMINIUM,
    decided: 0.55,
    speaks: 3,
    nearMm: 150,
    thickUm: 500,
  },
});
