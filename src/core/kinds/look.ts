import { z } from 'zod';
import { ASPECTS } from '../body/zone';
import { instantSchema, text, zoneSchema } from './common';
import { defineKind } from './kind';

export const BLOCKED_BY = [
  'locked',
  'no-key',
  'no-lift',
  'wet',
  'dirty',
  'trim-on',
  'owner',
  'weather',
  'time',
  'obstructed',
  'other',
] as const;
export type BlockedBy = (typeof BLOCKED_BY)[number];

/** A look at one aspect of a zone that found nothing, or that could not be had. */
export const lookSchema = z
  .object({
    zone: zoneSchema,
    aspect: z.enum(ASPECTS),
    outcome: z.enum(['clean', 'blocked']),
    why: z.enum(BLOCKED_BY).nullable().default(null),
    note: text(500).default(''),
    at: instantSchema,
  })
  .refine((l) => l.outcome === 'clean' || l.why !== null, { path: ['why'], message: 'A blocked look says why.' });
export type Look = z.infer<typeof lookSchema>;

export const look = defineKind({
  schema: lookSchema,
  on: ['zone'],
  since: 1,
});
