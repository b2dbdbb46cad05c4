import { z } from 'zod';
import { MECH_ID, MECH_STATES } from '../catalogue/mechanical';
import { instantSchema, text } from './common';
import { defineKind } from './kind';
import { BLOCKED_BY } from './look';

/** A part of steering, suspension, brakes, driveline or exhaust, as it was found from below. */
export const mechSchema = z
  .object({
    part: z.string().regex(MECH_ID, 'a part such as ball-joints').max(60),
    state: z.enum(MECH_STATES),
    /** Why it was not seen. */
    why: z.enum(BLOCKED_BY).nullable().default(null),
    /** At which side, where only one is so. */
    side: z.enum(['left', 'right']).nullable().default(null),
    note: text(500).default(''),
    at: instantSchema,
  })
  .refine((m) => m.state !== 'unseen' || m.why !== null, { path: ['why'], message: 'What was not seen says why.' });
export type MechBody = z.infer<typeof mechSchema>;

export const mech = defineKind({ schema: mechSchema, on: [], since: 4 });
