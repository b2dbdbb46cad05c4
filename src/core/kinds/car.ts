import { z } from 'zod';
import { STYLES } from '../body/styles';
import { METALS } from '../body/zone';
import { CONSTRUCTIONS } from '../catalogue/weak-spots';
import { text } from './common';
import { defineKind } from './kind';

export const LEAVE = ['yes', 'no', 'not-asked'] as const;
const leave = z.enum(LEAVE).default('not-asked');

/** What the car is and what its owner allows. One per inspection; its id is the lot's. */
export const carSchema = z.object({
  /** Empty here and below: not said yet. Intake keeps each field as it is left. */
  make: text(80),
  model: text(120),
  year: z.number().int().min(1885).max(2100).nullable(),
  style: text(20),
  baseMetal: z.enum(METALS).default('steel'),
  /** How it is built; null: as its make and metal tell. */
  build: z.enum(CONSTRUCTIONS).nullable().default(null),
  paintType: z.enum(['single-stage', 'clear-coat', 'metallic', 'unknown']).default('unknown'),
  colour: text(80).default(''),
  steering: z.enum(['left', 'right']).default('left'),
  /** What changes the zones of the body style. */
  fitted: z
    .object({
      vinylRoof: z.boolean().default(false),
      sunroof: z.boolean().default(false),
      skirts: z.boolean().default(false),
    })
    .default({ vinylRoof: false, sunroof: false, skirts: false }),
  chassisNumber: text(40).default(''),
  engineNumber: text(40).default(''),
  odometer: z
    .object({ value: z.number().nonnegative().max(9_999_999), unit: z.enum(['km', 'mi']) })
    .nullable()
    .default(null),
  /** Digits that the odometer counts up, without tenths; null: not read. */
  odometerDigits: z.number().int().min(4).max(7).nullable().default(null),
  keptIn: text(120).default(''),
  leave: z.object({ press: leave, liftCarpet: leave, removeTrim: leave, drive: leave }).default({
    press: 'not-asked',
    liftCarpet: 'not-asked',
    removeTrim: 'not-asked',
    drive: 'not-asked',
  }),
});
export type Car = z.infer<typeof carSchema>;

export const car = defineKind({
  schema: carSchema,
  on: [],
  single: true,
  problem: ({ style }) =>
    style === '' || STYLES.some((s) => s.slug === style)
      ? null
      : {
          reason: 'unknown-style',
          path: 'style',
          message: `There is no plan for the style “${style}”. Known: ${STYLES.map((s) => s.slug).join(', ')}.`,
        },
  /** 4: `odometerDigits`. 3: `build`. 2: make, model and style may be empty. */
  history: { schema: 4, since: { odometerDigits: 4, build: 3 } },
  since: 1,
});
