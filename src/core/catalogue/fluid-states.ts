import { z } from 'zod';

/** Fluids that are checked at their own filler or stick, with the slugs of the open format. */
export const CHECKED_FLUIDS = [
  'engine-oil',
  'coolant',
  'brake',
  'clutch',
  'power-steering',
  'transmission',
  'differential',
  'washer',
] as const;
export type CheckedFluid = (typeof CHECKED_FLUIDS)[number];

export const FLUID_LEVELS = ['full', 'low', 'empty', 'over'] as const;
export const FLUID_LOOKS = [
  'clean',
  'dark',
  'milky',
  'water',
  'rusty',
  'burnt',
  'debris',
  'oily',
  'foamy',
  'sludge',
  'smells-of-fuel',
  'smells-sweet',
] as const;
export type FluidLevel = (typeof FLUID_LEVELS)[number];
export type FluidLook = (typeof FLUID_LOOKS)[number];

const meaningSchema = z.object({
  fluid: z.enum(CHECKED_FLUIDS),
  /** How it looks, or how full it is. */
  when: z.union([z.enum(FLUID_LOOKS), z.enum(FLUID_LEVELS)]),
  says: z.string().min(3).max(240),
  /** Share of the engine's, brakes' or gearbox's function that is in doubt by it. */
  share: z.number().min(0).max(1),
  /** Not to be started or driven before it is looked at. */
  stop: z.boolean().default(false),
});
export const fluidTableSchema = z.object({ source: z.string(), meanings: z.array(meaningSchema) });
export type FluidTable = z.infer<typeof fluidTableSchema>;
export type FluidMeaning = z.infer<typeof meaningSchema>;

const means = (
  fluid: CheckedFluid,
  when: FluidMeaning['when'],
  says: string,
  share: number,
  stop = false,
): FluidMeaning => ({ fluid, when, says, share, stop });

/** What a fluid's level and look mean. Starting values of the house. */
export const DEFAULT_FLUIDS: FluidTable = {
  source: 'house starting values after textbook meanings',
  meanings: [
    means(
      'engine-oil',
      'milky',
      'water in the oil: head gasket, or condensation of short runs; coolant tells which',
      0.15,
      true,
    ),
    means('engine-oil', 'sludge', 'long between changes', 0.05),
    means('engine-oil', 'debris', 'metal in the oil: bearings or cam; not to be run before it is looked at', 0.3, true),
    means(
      'engine-oil',
      'smells-of-fuel',
      'fuel in the oil: it thins and carries less; choke, carburetor or the membrane of the fuel pump',
      0.06,
    ),
    means('engine-oil', 'smells-sweet', 'coolant in the oil: look for milky, and for oil in the coolant', 0.15, true),
    means('engine-oil', 'dark', 'due for a change', 0.01),
    means('engine-oil', 'low', 'to be filled before it is started; burnt or leaked, ask how much it uses', 0.02),
    means('engine-oil', 'empty', 'not to be started', 0.08, true),
    means('engine-oil', 'over', 'overfilled, or fuel or water in it', 0.03),
    means('coolant', 'water', 'plain water: no protection against frost or rust', 0.02),
    means('coolant', 'rusty', 'no inhibitor for a long time: radiator and heater in doubt', 0.05),
    means('coolant', 'oily', 'oil in the coolant: head gasket or oil cooler', 0.2, true),
    means('coolant', 'foamy', 'gas in the coolant: head gasket, or sucked-in air', 0.15, true),
    means('coolant', 'smells-of-fuel', 'burnt gas in the coolant: head gasket; a test for gas tells', 0.12),
    means('coolant', 'low', 'leaks or is lost through the head gasket: watch it', 0.03),
    means('coolant', 'empty', 'not to be started', 0.08, true),
    means('brake', 'dark', 'old: it has taken up water', 0.05),
    means('brake', 'low', 'worn linings, or a leak: look before driving', 0.15, true),
    means('brake', 'empty', 'a circuit leaks or is blanked off: not to be driven', 0.6, true),
    means('brake', 'rusty', 'cylinders rust inside', 0.2, true),
    means('brake', 'milky', 'water in it', 0.15, true),
    means('clutch', 'dark', 'old', 0.02),
    means('clutch', 'low', 'a leak at slave or master', 0.08),
    means('clutch', 'empty', 'it will not disengage', 0.2, true),
    means('power-steering', 'burnt', 'pump or box run hot', 0.05),
    means('power-steering', 'low', 'leaks', 0.04),
    means('power-steering', 'foamy', 'air drawn in', 0.03),
    means('transmission', 'burnt', 'clutches or bands worn: a gearbox in doubt', 0.2),
    means('transmission', 'smells-sweet', 'coolant through the cooler in the radiator', 0.25, true),
    means('transmission', 'debris', 'wear inside: metal or lining', 0.2),
    means('transmission', 'milky', 'coolant through the cooler in the radiator', 0.25, true),
    means('transmission', 'low', 'leaks: shifts suffer first', 0.06),
    means('transmission', 'empty', 'not to be driven', 0.2, true),
    means('differential', 'debris', 'gears or bearings wear', 0.15),
    means('differential', 'milky', 'water in the axle', 0.08),
    means('differential', 'low', 'leaks at pinion, cover or ends', 0.04),
    means('differential', 'empty', 'not to be driven', 0.15, true),
  ],
};
