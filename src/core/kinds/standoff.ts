import { z } from 'zod';
import { instantSchema, text } from './common';
import { defineKind } from './kind';

/** What a look from a distance told: how the car stands by eye, and from how far it looked well to whoever stood there. */
export const standoffSchema = z
  .object({
    /** `level`, or which end, side or corner is low or high: `low-left-rear`. Empty: not said. */
    stands: z
      .string()
      .max(40)
      .regex(/^(?:[a-z]+(?:-[a-z]+)*)?$/, 'words joined by hyphens, such as low-left-rear')
      .default(''),
    looksWellFromM: z.number().min(0.1).max(60).nullable().default(null),
    note: text(300).default(''),
    at: instantSchema,
  })
  .refine((s) => s.stands !== '' || s.looksWellFromM !== null, {
    message: 'Say how it stands, or from how far it looks well.',
  });
export type StandoffBody = z.infer<typeof standoffSchema>;

export const standoff = defineKind({ schema: standoffSchema, on: [], since: 7 });
