import { z } from 'zod';
import { sameName } from '../catalogue/same-name';
import { defineTable } from '../model/table';

const band = z.tuple([z.number(), z.number()]).refine(([a, b]) => a <= b, { message: 'a band goes from low to high' });

const bandsSchema = z.object({
  /** Coolant where the thermostat holds it, °C. */
  thermostatC: band,
  /** Oil pressure hot: at idle, and at fast idle, kPa. */
  oilIdleKpa: band,
  oilFastKpa: band,
  /** Engine speeds at which those hold, 1/min. */
  idleRpm: z.number().positive(),
  fastRpm: z.number().positive(),
  /** Charging, V, of a 12 V system; of 6 V half of it. */
  chargingV: band,
});
export type RunBands = z.infer<typeof bandsSchema>;

export const logTable = defineTable({
  stored: 'running-bands',
  schema: z.object({
    source: z.string(),
    usual: bandsSchema,
    /** Bands of a make where they are others. */
    makes: z.array(z.object({ make: z.string().min(1).max(80), bands: bandsSchema.partial() })),
    /** Least length of a log by which anything is told, s, and least points. */
    leastS: z.number().positive(),
    leastPoints: z.number().int().min(4),
    /** Least rise of temperature to find a bend in, °C; least spread of speed to tell its effect, 1/min. */
    leastRiseC: z.number().positive(),
    leastRpmSpread: z.number().positive(),
    /** Slopes that are told: volts an hour downwards, °C a minute after the bend. */
    sagVPerH: z.number().positive(),
    creepCPerMin: z.number().positive(),
    /** What each fault takes of the engine's function, as a share of redoing it. */
    takes: z.object({
      thermostat: z.number().min(0).max(1),
      hot: z.number().min(0).max(1),
      oil: z.number().min(0).max(1),
      charging: z.number().min(0).max(1),
    }),
  }),
  defaults: {
    source: 'house starting values; 82 to 92 °C thermostats, 12 V charging by textbook',
    usual: {
      thermostatC: [78, 95],
      oilIdleKpa: [80, 350],
      oilFastKpa: [200, 550],
      idleRpm: 800,
      fastRpm: 2000,
      chargingV: [13.4, 14.9],
    },
    makes: [
      { make: 'Brannock', bands: { thermostatC: [70, 90], chargingV: [6.7, 7.5], oilIdleKpa: [50, 250] } },
      { make: 'Tolve', bands: { oilIdleKpa: [50, 300] } },
    ],
    leastS: 240,
    leastPoints: 6,
    leastRiseC: 15,
    leastRpmSpread: 500,
    sagVPerH: 0.6,
    creepCPerMin: 0.6,
    takes: { thermostat: 0.01, hot: 0.08, oil: 0.25, charging: 0.04 },
  },
});
export type LogTable = (typeof logTable)['defaults'] & {
  readonly makes: readonly { readonly make: string; readonly bands: Partial<RunBands> }[];
};

/** The bands of a make. */
export function bandsOf(make: string, t: LogTable): RunBands {
  const own = t.makes.find((m) => sameName(m.make, make));
  return { ...(t.usual as unknown as RunBands), ...own?.bands };
}
