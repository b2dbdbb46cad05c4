import { z } from 'zod';

/** How a part of the running gear was found by hand and eye. */
export const MECH_STATES = ['sound', 'worn', 'play', 'broken', 'altered', 'unseen'] as const;
export type MechState = (typeof MECH_STATES)[number];
export const MECH_ID = /^[a-z][a-z-]*(\.[a-z][a-z-]*){0,3}$/;

const partSchema = z.object({
  name: z.string().min(2).max(60),
  group: z.enum(['steering', 'suspension', 'brakes', 'driveline', 'exhaust']),
  /** Share of the running gear's function at its place that putting it right takes. */
  share: z.number().min(0).max(1),
  /** Driving depends on it: play or worse, and it is not driven. */
  safety: z.boolean().default(false),
});
export type MechPart = z.infer<typeof partSchema>;

export const mechTableSchema = z.object({
  source: z.string(),
  parts: z.record(z.string().regex(MECH_ID), partSchema),
  /** From which lean a side counts as lower, and from which twist the four heights tell nothing, mm. */
  sag: z.object({ leanMm: z.number().positive(), twistMm: z.number().positive() }),
  states: z.object({
    worn: z.number().min(0).max(1),
    play: z.number().min(0).max(1),
    broken: z.number().min(0).max(1),
    altered: z.number().min(0).max(1),
  }),
});
export type MechTable = z.infer<typeof mechTableSchema>;

const part = (group: MechPart['group'], name: string, share: number, safety = false): MechPart => ({
  name,
  group,
  share,
  safety,
});

/** Steering, suspension, brakes, driveline and exhaust, as they are gone over from below. Starting values of the house. */
export const DEFAULT_MECH: MechTable = {
  source: 'house starting values',
  parts: {
    'steering.joints': part('steering', 'steering joints and boots', 0.12, true),
    'steering.box-play': part('steering', 'steering box or rack, its play', 0.2, true),
    'ball-joints': part('suspension', 'ball joints or king pins', 0.15, true),
    'bushes.front': part('suspension', 'bushes, front', 0.1),
    'bushes.rear': part('suspension', 'bushes, rear', 0.1),
    'springs.front': part('suspension', 'springs, front', 0.1, true),
    'springs.rear': part('suspension', 'springs, rear', 0.1, true),
    'dampers.front': part('suspension', 'dampers, front', 0.07),
    'dampers.rear': part('suspension', 'dampers, rear', 0.07),
    'air-or-level': part('suspension', 'air or level system', 0.15),
    'brake.lines': part('brakes', 'brake lines and hoses', 0.12, true),
    'brake.front': part('brakes', 'drums or discs, front', 0.12, true),
    'brake.rear': part('brakes', 'drums or discs, rear', 0.12, true),
    'brake.circuits': part('brakes', 'both circuits connected at the master cylinder', 0.1, true),
    'parking.cables': part('brakes', 'parking-brake cables', 0.04),
    'universal-joints': part('driveline', 'universal joints', 0.06),
    'drive-shafts': part('driveline', 'shafts', 0.08),
    'mounts.engine': part('driveline', 'engine mounts', 0.05),
    'mounts.transmission': part('driveline', 'transmission mount', 0.04),
    'exhaust.pipes': part('exhaust', 'pipes and joints', 0.06),
    'exhaust.hangers': part('exhaust', 'hangers', 0.02),
    'fuel.tank-lines': part('exhaust', 'tank and fuel lines', 0.08, true),
  },
  sag: { leanMm: 12, twistMm: 15 },
  states: { worn: 0.5, play: 0.8, broken: 1, altered: 0.4 },
};
