import { z } from 'zod';
import { PAPER_SEEN, PAPER_SORTS } from '../catalogue/papers';
import { daySchema, instantSchema, text } from './common';
import { defineKind } from './kind';

/** A paper that tells of the car's past: what it is, of which day, what it says. */
export const paperSchema = z.object({
  sort: z.enum(PAPER_SORTS),
  on: daySchema.nullable().default(null),
  seen: z.enum(PAPER_SEEN).default('original'),
  says: text(500).default(''),
  /** Which claims it speaks for: the number of owners, works of a restoration. */
  owner: text(80).default(''),
  odometer: z
    .object({ value: z.number().nonnegative().max(9_999_999), unit: z.enum(['km', 'mi']) })
    .nullable()
    .default(null),
  /** It says that the odometer was changed or set then. */
  changed: z.boolean().default(false),
  at: instantSchema,
});
export type PaperBody = z.infer<typeof paperSchema>;

export const paper = defineKind({ schema: paperSchema, on: [], since: 4 });
