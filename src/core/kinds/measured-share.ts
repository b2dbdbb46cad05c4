import { z } from 'zod';
import { maskOf, RUNS } from '../image/run-lengths';
import { instantSchema, patchSchema, text, uuidSchema, zoneSchema } from './common';

/** What a share of defective area read off a picture holds, whatever the defect. */
export const measuredShare = {
  zone: zoneSchema,
  photo: uuidSchema,
  /** The part of the picture that was looked at, px of its 2048 px copy. */
  stretch: patchSchema,
  /** What was taken for defective in it, as run lengths over the stretch. */
  mask: z
    .string()
    .max(60_000)
    .regex(RUNS, 'a mask as width x height and run lengths')
    .refine((m) => maskOf(m) !== null, 'run lengths that fill the mask'),
  /** Defective share of the stretch, 0 to 1. */
  areaShare: z.number().min(0).max(1),
  /** Whether a person put the mask right with the brush. */
  corrected: z.boolean().default(false),
  where: text(160).default(''),
  note: text(300).default(''),
  at: instantSchema,
};
