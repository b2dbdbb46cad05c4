import { z } from 'zod';
import { instantSchema, text, zoneSchema } from './common';
import { defineKind } from './kind';

/** How a door, hood or deck shuts, hangs and sits in its frame. Null: not tried. */
export const shutSchema = z.object({
  zone: zoneSchema,
  feel: z.enum(['one-finger', 'push', 'slam', 'will-not']).nullable().default(null),
  sound: z.enum(['solid', 'tinny', 'dull', 'rattles']).nullable().default(null),
  /** How far its free edge drops when it is opened. */
  dropMm: z.number().min(0).max(200).nullable().default(null),
  checkStrap: z.enum(['holds', 'weak', 'missing']).nullable().default(null),
  /** How the glass lies in its frame. */
  glass: z.enum(['inside', 'on-trim', 'gap-at-corner']).nullable().default(null),
  rubs: z.boolean().nullable().default(null),
  /** Whether creases and mouldings run through to the neighbours. */
  lines: z.enum(['through', 'off', 'softened']).nullable().default(null),
  note: text(300).default(''),
  at: instantSchema,
});
export type ShutBody = z.infer<typeof shutSchema>;

export const shut = defineKind({
  schema: shutSchema,
  on: ['zone'],
  sees: (s) => (s.feel !== null || s.dropMm !== null ? [[s.zone, 'fit']] : []),
  since: 2,
});
