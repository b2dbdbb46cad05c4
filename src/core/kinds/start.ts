import { z } from 'zod';
import { BLOW_BYS, CATCHES, CHOKES, CRANKS, RUN_NOISES, SMOKE_COURSES, SMOKES } from '../catalogue/run-words';
import { instantSchema, text } from './common';
import { defineKind } from './kind';

/** A start of the engine: what was so before, how it cranked and caught, smoke, noises. Null: not noted. */
export const startSchema = z.object({
  /** A restart with the engine hot. */
  hot: z.boolean().default(false),
  /** Cold by hand before the first turn. */
  cold: z.enum(['cold', 'warm']).nullable().default(null),
  hoursSince: z.number().min(0).max(100_000).nullable().default(null),
  floor: z.enum(['dry', 'drips']).nullable().default(null),
  /** The first turn of the starter. */
  turnedAt: instantSchema.nullable().default(null),
  cranks: z.enum(CRANKS).nullable().default(null),
  catches: z.enum(CATCHES).nullable().default(null),
  /** From the first turn until it ran by itself, s. */
  caughtAfterS: z.number().min(0).max(3600).nullable().default(null),
  choke: z.enum(CHOKES).nullable().default(null),
  smoke: z
    .array(z.object({ colour: z.enum(SMOKES), course: z.enum(SMOKE_COURSES).nullable().default(null) }))
    .max(6)
    .default([]),
  noises: z.array(z.enum(RUN_NOISES)).max(RUN_NOISES.length).default([]),
  blowBy: z.enum(BLOW_BYS).nullable().default(null),
  note: text(500).default(''),
  at: instantSchema,
});
export type StartBody = z.infer<typeof startSchema>;

export const start = defineKind({ schema: startSchema, on: [], since: 4 });
