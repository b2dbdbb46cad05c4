import { z } from 'zod';
import { FUNCTION_ID, FUNCTION_STATES, UNTRIED_BECAUSE, wasTried } from '../catalogue/functions';
import { instantSchema, text, uuidSchema, zoneSchema } from './common';
import { defineKind } from './kind';

/** A thing that should work, as it was tried. */
export const triedSchema = z
  .object({
    function: z.string().regex(FUNCTION_ID, 'a function such as clock or window.left.front').max(60),
    /** Where it was tried; null: nowhere on the plan. */
    zone: zoneSchema.nullable().default(null),
    state: z.enum(FUNCTION_STATES),
    /** Why it was not tried. */
    why: z.enum(UNTRIED_BECAUSE).nullable().default(null),
    /** From which switch, where there are several. */
    from: text(80).default(''),
    /** How long it took, s. */
    seconds: z.number().min(0).max(600).nullable().default(null),
    /** What is guessed to be the cause: never more than a guess. */
    cause: text(200).default(''),
    photos: z.array(uuidSchema).max(20).default([]),
    note: text(500).default(''),
    at: instantSchema,
  })
  .refine((t) => t.state !== 'untried' || t.why !== null, { path: ['why'], message: 'What was not tried says why.' });
export type TriedBody = z.infer<typeof triedSchema>;

export const tried = defineKind({
  schema: triedSchema,
  on: ['zone'],
  pictures: (t) => t.photos,
  sees: (t) => (t.zone !== null && wasTried(t.state) ? [[t.zone, 'function']] : []),
  since: 4,
});
