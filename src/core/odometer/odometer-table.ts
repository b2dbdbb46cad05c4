import { z } from 'zod';
import { defineTable } from '../model/table';

/** Numbers by which a history of readings is tested. */
export const odometerTable = defineTable({
  stored: 'odometer',
  schema: z.object({
    source: z.string(),
    /** Most that any car is driven in a year, on average between two readings, km. */
    mostKmPerYear: z.number().positive(),
    /** Most that is usual: an odometer that went round unseen is thought of up to it, km. */
    usualKmPerYear: z.number().positive(),
    /** What may lie between two readings however close in time, km. */
    atOnceKm: z.number().min(0),
    /** How far a claim may be off, as a share and at least, km. */
    claimOffShare: z.number().min(0).max(0.2),
    claimOffKm: z.number().min(0),
    /** Fewest readings that make a chain. */
    leastReadings: z.number().int().min(2).max(20),
    /** Most histories that are listed. */
    mostHistories: z.number().int().min(1).max(1000),
  }),
  defaults: {
    source: 'house starting values',
    mostKmPerYear: 60_000,
    usualKmPerYear: 20_000,
    atOnceKm: 3000,
    claimOffShare: 0.01,
    claimOffKm: 500,
    leastReadings: 3,
    mostHistories: 60,
  },
});
export type OdometerTable = (typeof odometerTable)['defaults'];

export const KM_PER_MILE = 1.609344;
