import { z } from 'zod';

/** A computed quantity with its doubt: `low` and `high` are the 10 and 90 % points, `n` the observations behind it. */
export const estimateSchema = z.object({
  value: z.number().nullable(),
  low: z.number().nullable(),
  high: z.number().nullable(),
  n: z.number().int().nonnegative(),
});
export type Estimate = z.infer<typeof estimateSchema>;
