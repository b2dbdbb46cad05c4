import { z } from 'zod';
import { TIRE_FAULTS } from '../catalogue/tire-faults';
import { defineTable } from '../model/table';

const years = z.number().min(0).max(60);

export const tireLimits = defineTable({
  stored: 'tires',
  schema: z.object({
    source: z.string(),
    /** Least tread that is legal in many places, mm; local rules decide. */
    leastTreadMm: z.number().min(0).max(10),
    /** Tread of a new one, mm. */
    newTreadMm: z.number().positive().max(20),
    /** From which age they are looked at every year, and not relied on whatever their tread. */
    lookYearlyYears: years,
    notReliedOnYears: years,
    /** Share of a tire that is lost, 0 to 1: by each fault, at the least tread, and past relying on. */
    faults: z.record(z.enum(TIRE_FAULTS), z.number().min(0).max(1)),
    wornOut: z.number().min(0).max(1),
    tooOld: z.number().min(0).max(1),
  }),
  defaults: {
    source: 'house starting values after advice common in the trade; least tread of many road laws, local rules decide',
    leastTreadMm: 1.6,
    newTreadMm: 8,
    lookYearlyYears: 5,
    notReliedOnYears: 10,
    faults: {
      'side-cracks': 0.6,
      cut: 0.6,
      'chunk-out': 0.4,
      bulge: 0.97,
      cords: 0.97,
      'flat-spot': 0.25,
      'worn-inside': 0.3,
      'worn-outside': 0.3,
      'worn-middle': 0.2,
      feathered: 0.2,
      'white-wall-stained': 0.05,
    },
    wornOut: 0.97,
    tooOld: 0.97,
  },
});
export type TireLimits = (typeof tireLimits)['defaults'];
