import { z } from 'zod';
import { instantSchema, text } from './common';
import { defineKind } from './kind';

const money = z.number().min(0).max(1_000_000_000);

/** What the house expects of a car in money, and what it would spend on it before the sale. */
export const worthSchema = z.object({
  /** What such a car is expected to fetch at the grade that the house's price curve names. */
  expected: money.nullable().default(null),
  source: text(300).default(''),
  /** In which the amounts are. */
  currency: text(12).default(''),
  /** What may be spent before the sale, and how many days there are for it. */
  budget: money.nullable().default(null),
  days: z.number().int().min(0).max(3650).nullable().default(null),
  /** Whether bidders read the estimate of what putting it right takes, as the house's own. */
  shown: z.boolean().default(false),
  at: instantSchema,
});
export type WorthBody = z.infer<typeof worthSchema>;

export const worth = defineKind({ schema: worthSchema, on: [], single: true, known: 'told', since: 5 });
