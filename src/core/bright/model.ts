import { z } from 'zod';
import { defineModel } from '../model/model';
import { defineTable } from '../model/table';
import { recordsOf } from '../records/reduce';
import { platingRating } from './rating';

const lossesSchema = z.object({
  source: z.string(),
  /** Share of redoing the plating of a place that is lost at each rating, from 0 to 10 (ISO 10289). */
  byRating: z.array(z.number().min(0).max(1)).length(11),
});

/** Flaws that say the same of the same place in words: then these count, and not the picture too. */
const SAID_TOO: ReadonlySet<string> = new Set(['pitting', 'plating-peels']);

/** How far plated pieces are gone, by what was read off pictures. */
export const bright = defineModel({
  reads: ['plating', 'finding'],
  tables: {
    platingLosses: defineTable({
      stored: 'plating-losses',
      schema: lossesSchema,
      defaults: {
        source: 'house starting values',
        byRating: [1, 0.95, 0.85, 0.7, 0.55, 0.42, 0.3, 0.2, 0.1, 0.04, 0],
      },
    }),
  },
  judge: ({ plan, records }) => {
    const said = new Set(
      recordsOf(records, 'finding')
        .filter((f) => SAID_TOO.has(f.body.flaw))
        .map((f) => f.body.zone),
    );
    const worst = new Map<string, number>();
    for (const { body } of recordsOf(records, 'plating'))
      if (plan.zones.has(body.zone)) worst.set(body.zone, Math.max(worst.get(body.zone) ?? 0, body.areaShare));
    return { worst, said };
  },
  losses: ({ worst, said }, { platingLosses: t }) =>
    [...worst].flatMap(([zone, share]) => {
      if (said.has(zone)) return [];
      return [{ zone, aspect: 'brightwork' as const, share: t.byRating[platingRating(share)]! }];
    }),
});
