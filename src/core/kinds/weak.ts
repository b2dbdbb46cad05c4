import { z } from 'zod';
import { WEAK_SPOT_ID } from '../catalogue/weak-spots';
import { instantSchema, text, zoneSchema } from './common';
import { defineKind } from './kind';
import { BLOCKED_BY } from './look';

/** A weak spot of the car that somebody went to: sound, not sound, or not to be seen. */
export const weakSchema = z
  .object({
    zone: zoneSchema,
    spot: z.string().regex(WEAK_SPOT_ID, 'a weak spot such as fender-bottom'),
    outcome: z.enum(['sound', 'rust', 'damp', 'blocked']),
    why: z.enum(BLOCKED_BY).nullable().default(null),
    note: text(500).default(''),
    at: instantSchema,
  })
  .refine((w) => w.outcome !== 'blocked' || w.why !== null, { path: ['why'], message: 'A blocked look says why.' });
export type WeakBody = z.infer<typeof weakSchema>;

export const weak = defineKind({
  schema: weakSchema,
  on: ['zone'],
  sees: (w) => (w.outcome === 'blocked' ? [] : [[w.zone, 'corrosion']]),
  since: 3,
});
