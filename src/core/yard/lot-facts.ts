import { z } from 'zod';
import { daySchema, text } from '../kinds/common';

export const LARGEST_NUMBER = 1_000_000;
const MOST_DAYS = 365;

export const lotNumberSchema = z.number().int().min(1).max(LARGEST_NUMBER);

/** What is said of a lot besides its number: what it is called, who brings it, where it stands, who has the keys, what comes with it. */
export const lotFactsSchema = z.strictObject({
  title: text(200).min(1),
  /** A day set for this lot; null lets it follow the sale's opening. */
  reportDueOn: daySchema.nullable(),
  reserveDays: z.number().int().min(0).max(MOST_DAYS).nullable(),
  consignor: text(120),
  keysWith: text(120),
  stands: text(120),
  comesWith: text(500),
});
export type LotFactsSaid = z.infer<typeof lotFactsSchema>;
