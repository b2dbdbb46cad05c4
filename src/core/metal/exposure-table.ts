import { z } from 'zod';
import { defineTable } from '../model/table';

/** Corrosivity of the place where a car is kept (ISO 9223). */
export const STORAGES = ['C1', 'C2', 'C3', 'C4', 'C5'] as const;
export type Storage = (typeof STORAGES)[number];
/** Metals for which the loss is foretold. */
export const WASTING = ['steel', 'aluminium'] as const;
export type Wasting = (typeof WASTING)[number];
/** Stages of corrosion from which a hole is still to come. */
export const OPEN_STAGES = ['film', 'blister', 'scale'] as const;
export type OpenStage = (typeof OPEN_STAGES)[number];

const range = z
  .tuple([z.number().nonnegative(), z.number().nonnegative()])
  .refine(([low, high]) => low <= high, 'the lower figure first');
export type Range = readonly [low: number, high: number];
/** A factor: its median, and its 10 and 90 % points. */
const factor = z
  .object({ median: z.number().positive(), low: z.number().positive(), high: z.number().positive() })
  .refine((f) => f.low <= f.median && f.median <= f.high, 'low, median and high in their order');
export type Factor = z.infer<typeof factor>;

const classes = z.object({ C1: range, C2: range, C3: range, C4: range, C5: range });

export const exposureSchema = z.object({
  source: z.string(),
  /** Loss of one face in the first year, µm, by corrosivity class. */
  firstYearUm: z.object({ steel: classes, aluminium: classes }),
  /** Exponent of time by which later years lose less. */
  exponent: z.object({ steel: z.number().min(0.1).max(1), aluminium: z.number().min(0.1).max(1) }),
  /** How much deeper pits and crevices go than the mean of the face. */
  pitting: factor,
  /** How much faster aluminium goes where it touches steel. */
  galvanic: factor,
  /** Depth already lost, mm, by what is seen. */
  presentMm: z.object({ film: range, blister: range, scale: range }),
  /** Sheet when new, mm. */
  sheetMm: z.object({ skin: range, floor: range, rail: range }),
  /** What of the loss goes on where nothing was seen to move; years that a treatment holds. */
  steady: factor,
  treatedYears: range,
  /** Years beyond which nothing is said. */
  horizonYears: z.number().positive(),
  draws: z.number().int().min(200).max(100_000),
});
export type ExposureTable = z.infer<typeof exposureSchema>;

/** Loss of metal by place and time. */
export const exposureTable = defineTable<ExposureTable>({
  stored: 'exposure',
  schema: exposureSchema,
  defaults: {
    source:
      'ISO 9223 (first-year loss; aluminium from g/m² at 2.70 g/cm³), ISO 9224 (exponents of time); pitting, contact, depths, steady and treated are house starting values',
    firstYearUm: {
      steel: { C1: [0, 1.3], C2: [1.3, 25], C3: [25, 50], C4: [50, 80], C5: [80, 200] },
      aluminium: { C1: [0, 0.02], C2: [0.02, 0.22], C3: [0.22, 0.74], C4: [0.74, 1.85], C5: [1.85, 3.7] },
    },
    exponent: { steel: 0.523, aluminium: 0.728 },
    pitting: { median: 3.5, low: 2, high: 6 },
    galvanic: { median: 10, low: 5, high: 20 },
    presentMm: { film: [0.02, 0.1], blister: [0.1, 0.4], scale: [0.3, 0.7] },
    sheetMm: { skin: [0.8, 1], floor: [0.9, 1.2], rail: [1.6, 3] },
    steady: { median: 0.4, low: 0.2, high: 0.8 },
    treatedYears: [2, 8],
    horizonYears: 50,
    draws: 4000,
  },
});
