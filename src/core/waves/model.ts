import { z } from 'zod';
import { defineModel } from '../model/model';
import { defineTable } from '../model/table';
import { recordsOf } from '../records/reduce';

const lossesSchema = z.object({
  source: z.string(),
  /** Root mean square of waves of 10 to 100 mm up to which a panel counts as straight, mm. */
  straightMm: z.number().nonnegative(),
  /** Share of straightening a panel lost for every such height beyond that, and the most. */
  perStraight: z.number().nonnegative(),
  most: z.number().min(0).max(1),
});

/** How wavy panels are, by stripes reflected in them. */
export const waves = defineModel({
  reads: ['waves'],
  tables: {
    waveLosses: defineTable({
      stored: 'wave-losses',
      schema: lossesSchema,
      defaults: { source: 'house starting values', straightMm: 0.08, perStraight: 0.05, most: 0.35 },
    }),
  },
  judge: ({ plan, records }) => {
    const worst = new Map<string, number>();
    for (const { body } of recordsOf(records, 'waves'))
      if (plan.zones.has(body.zone)) worst.set(body.zone, Math.max(worst.get(body.zone) ?? 0, body.longMm.value));
    return worst;
  },
  losses: (worst, { waveLosses: t }) =>
    [...worst].map(([zone, mm]) => ({
      zone,
      aspect: 'shape',
      share: Math.min(t.most, t.perStraight * Math.max(0, mm / t.straightMm - 1)),
    })),
});
