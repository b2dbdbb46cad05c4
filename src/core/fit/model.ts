import { z } from 'zod';
import { defineModel } from '../model/model';
import { defineTable } from '../model/table';
import { beyondTolerance } from './beyond-tolerance';
import { fitOfCar } from './car-fit';
import { DEFAULT_TOLERANCES, type Tolerance, tolerancesSchema } from './tolerances';

const lossesSchema = z.object({
  source: z.string(),
  /** Share of refitting a panel lost for every tolerance by which its gaps and flushness go beyond theirs, and the most. */
  perTolerance: z.number().min(0),
  most: z.number().min(0).max(1),
});

const lossesBefore = (kept: ReadonlyMap<string, unknown>) => {
  const grade = kept.get('grade') as { fitLoss?: unknown; mostFitLoss?: unknown; source?: string } | undefined;
  return typeof grade?.fitLoss === 'number' && typeof grade.mostFitLoss === 'number'
    ? { source: grade.source, perTolerance: grade.fitLoss, most: grade.mostFitLoss }
    : undefined;
};

/** How the panels meet, hang and stand. */
export const fit = defineModel({
  reads: ['gap', 'shut', 'stance'],
  tables: {
    tolerances: defineTable<readonly Tolerance[]>({
      stored: 'tolerances',
      schema: tolerancesSchema,
      defaults: DEFAULT_TOLERANCES,
    }),
    fitLosses: defineTable({
      stored: 'fit-losses',
      schema: lossesSchema,
      defaults: { source: 'house starting values', perTolerance: 0.25, most: 0.9 },
      was: lossesBefore,
    }),
  },
  judge: ({ plan, records }, { tolerances }) => fitOfCar(plan, records, tolerances),
  losses: (judged, { fitLosses: t }) =>
    [...beyondTolerance(judged)].map(([zone, n]) => ({
      zone,
      aspect: 'fit',
      share: Math.min(t.most, t.perTolerance * n),
    })),
});
