import { z } from 'zod';
import { defineModel } from '../model/model';
import { defineTable } from '../model/table';
import { recordsOf } from '../records/reduce';
import { COLOUR_LIMITS } from './limits';

const lossesSchema = z.object({
  source: z.string(),
  /** CIEDE2000 up to which a difference costs nothing. */
  unseen: z.number().nonnegative(),
  /** Share of redoing a panel's paint lost for every unit beyond that, and the most. */
  perDeltaE: z.number().nonnegative(),
  most: z.number().min(0).max(1),
});

/** How far panels differ in colour from each other, measured on pictures with a grey card. */
export const colours = defineModel({
  reads: ['colour'],
  tables: {
    colourLosses: defineTable({
      stored: 'colour-losses',
      schema: lossesSchema,
      defaults: { source: 'house starting values', unseen: COLOUR_LIMITS.trained, perDeltaE: 0.06, most: 0.5 },
    }),
  },
  judge: ({ plan, records }) => {
    const most = new Map<string, number>();
    for (const { body } of recordsOf(records, 'colour'))
      if (plan.zones.get(body.zone)?.aspects.includes('paint'))
        most.set(body.zone, Math.max(most.get(body.zone) ?? 0, body.deltaE.low));
    return most;
  },
  losses: (most, { colourLosses: t }) =>
    [...most].map(([zone, deltaE]) => ({
      zone,
      aspect: 'paint',
      share: Math.min(t.most, t.perDeltaE * Math.max(0, deltaE - t.unseen)),
    })),
});
