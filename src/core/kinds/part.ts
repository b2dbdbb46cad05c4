import { z } from 'zod';
import { MAJOR_PART_IDS, PART_STATES, REVERSIBLES } from '../catalogue/papers';
import { evidenceSchema, instantSchema, text } from './common';
import { defineKind } from './kind';

/** What a major part is to this car, or something that was added to it. */
export const partSchema = z
  .object({
    /** Null: an addition, named in `what`. */
    part: z.enum(MAJOR_PART_IDS).nullable(),
    what: text(120).default(''),
    state: z.enum(PART_STATES),
    reversible: z.enum(REVERSIBLES).default('unknown'),
    /** Of an addition: whether it works. */
    works: z.enum(['yes', 'no', 'untried']).nullable().default(null),
    evidence: evidenceSchema.default('seen'),
    note: text(500).default(''),
    at: instantSchema,
  })
  .refine((p) => p.part !== null || p.what !== '', { path: ['what'], message: 'Say what was added.' });
export type PartBody = z.infer<typeof partSchema>;

export const part = defineKind({ schema: partSchema, on: [], since: 4 });
