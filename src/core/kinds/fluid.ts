import { z } from 'zod';
import { CHECKED_FLUIDS, FLUID_LEVELS, FLUID_LOOKS } from '../catalogue/fluid-states';
import { instantSchema, text } from './common';
import { defineKind } from './kind';

/** A fluid as it was found at its stick, cap or chamber. */
export const fluidSchema = z
  .object({
    fluid: z.enum(CHECKED_FLUIDS),
    level: z.enum(FLUID_LEVELS).nullable().default(null),
    looks: z.array(z.enum(FLUID_LOOKS)).max(FLUID_LOOKS.length).default([]),
    smell: text(60).default(''),
    note: text(500).default(''),
    at: instantSchema,
  })
  .refine((f) => f.level !== null || f.looks.length > 0 || f.smell !== '' || f.note !== '', {
    path: ['level'],
    message: 'Something must have been seen of it: its level or its look.',
  });
export type FluidBody = z.infer<typeof fluidSchema>;

export const fluid = defineKind({ schema: fluidSchema, on: [], since: 4 });
