import { z } from 'zod';
import { daySchema, instantSchema, text } from './common';
import { jobSchema } from './job';
import { defineKind } from './kind';

export const OFFERS = ['allowance', 'promise'] as const;

/** What the house offers bidders of a job that is not done: money off, or that it is done by a day. */
export const offerSchema = z
  .object({
    ...jobSchema.shape,
    sort: z.enum(OFFERS),
    /** Money off, of an allowance. */
    amount: z.number().positive().max(1_000_000_000).nullable().default(null),
    /** In which the amount is. */
    currency: text(12).default(''),
    /** The day by which it is done, of a promise. */
    by: daySchema.nullable().default(null),
    note: text(500).default(''),
    at: instantSchema,
  })
  .refine((o) => o.sort !== 'allowance' || o.amount !== null, { path: ['amount'], message: 'Say how much is allowed.' })
  .refine((o) => o.sort !== 'promise' || o.by !== null, { path: ['by'], message: 'Say by which day it is done.' });
export type OfferBody = z.infer<typeof offerSchema>;

export const offer = defineKind({ schema: offerSchema, on: [], known: 'told', since: 6 });
