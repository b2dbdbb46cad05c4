import { z } from 'zod';
import { uuidSchema } from './common';
import { defineKind } from './kind';
import { measuredShare } from './measured-share';

/** The defective share of a plated piece, off one picture or two with the light moved. Its rating follows from the share. */
export const platingSchema = z.object({
  ...measuredShare,
  /** The second picture, its light moved. */
  second: uuidSchema.nullable().default(null),
  pits: z.number().int().min(0).max(1_000_000),
  pitsPerDm2: z.number().min(0).nullable().default(null),
});
export type PlatingBody = z.infer<typeof platingSchema>;

export const plating = defineKind({
  schema: platingSchema,
  on: ['zone'],
  pictures: (p) => (p.second ? [p.photo, p.second] : [p.photo]),
  sees: (p) => [[p.zone, 'brightwork']],
  known: 'measured',
  since: 3,
});
