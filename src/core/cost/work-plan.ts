import { z } from 'zod';
import { TRADES } from '../catalogue/remedies';

/** What a house would spend on a sale's lots together, and the shops that work for it. */
export const workPlanSchema = z.strictObject({
  budget: z.number().min(0).max(1_000_000_000),
  days: z.number().int().min(0).max(3650),
  shops: z
    .array(
      z.strictObject({
        trade: z.enum(TRADES),
        hoursPerDay: z.number().min(0).max(1000),
        waitsDays: z.number().int().min(0).max(3650),
      }),
    )
    .max(TRADES.length)
    .refine((shops) => new Set(shops.map((s) => s.trade)).size === shops.length, 'a shop stands twice'),
});
export type WorkPlan = z.infer<typeof workPlanSchema>;
