import { z } from 'zod';
import { instantSchema, text, uuidSchema } from './common';
import { defineKind } from './kind';

const read = (low: number, high: number) => z.number().min(low).max(high).nullable().default(null);

/** Moments of a run as they were read off the dash, by hand or by an instrument. */
export const logSchema = z.object({
  /** When the run began: moments count from it. */
  startedAt: instantSchema,
  by: z.enum(['hand', 'instrument', 'photo']).default('hand'),
  /** Of a stand-in instrument: it shows a made-up engine. */
  practice: z.boolean().default(false),
  points: z
    .array(
      z.object({
        s: z.number().min(0).max(86_400),
        rpm: read(0, 12_000),
        oilKpa: read(0, 1500),
        tempC: read(-40, 160),
        volts: read(0, 40),
        amps: read(-100, 100),
        /** Fuel gauge, share of full. */
        fuel: read(0, 1),
      }),
    )
    .min(1)
    .max(600),
  /** The picture of the dash off which it was read. */
  photo: uuidSchema.nullable().default(null),
  note: text(300).default(''),
  at: instantSchema,
});
export type LogBody = z.infer<typeof logSchema>;

export const log = defineKind({
  schema: logSchema,
  on: [],
  pictures: ({ photo }) => (photo ? [photo] : []),
  known: 'measured',
  since: 4,
});
