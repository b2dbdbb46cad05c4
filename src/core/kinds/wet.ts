import { z } from 'zod';
import { FLUIDS, LEAK_AMOUNTS, LEAK_LOADS, LEAK_PLACE, LEAK_WHENS } from '../catalogue/leak-places';
import { instantSchema, text } from './common';
import { defineKind } from './kind';

/** A place where fluid can come out, as it was found: how wet, with what, when. */
export const wetSchema = z.object({
  place: z.string().regex(LEAK_PLACE, 'a place such as engine.pan').max(60),
  amount: z.enum(LEAK_AMOUNTS),
  fluid: z.enum(FLUIDS).nullable().default(null),
  when: z.enum(LEAK_WHENS).default('after'),
  /** Drops in a minute, counted. */
  dropsPerMin: z.number().min(0).max(600).nullable().default(null),
  /** Of what is heard (air, gas): how it goes with load; null: not tried. */
  load: z.enum(LEAK_LOADS).nullable().default(null),
  note: text(500).default(''),
  at: instantSchema,
});
export type WetBody = z.infer<typeof wetSchema>;

export const wet = defineKind({ schema: wetSchema, on: [], since: 4 });
