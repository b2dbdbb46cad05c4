import { z } from 'zod';
import { STORAGES } from '../catalogue/papers';
import { daySchema, instantSchema, text } from './common';
import { defineKind } from './kind';

/** Somebody who kept the car: from when to when, where, and how it stood. Aliases serve as well as names. */
export const keeperSchema = z
  .object({
    who: text(80).min(1),
    from: daySchema.nullable().default(null),
    to: daySchema.nullable().default(null),
    place: text(120).default(''),
    storage: z.enum(STORAGES).default('unknown'),
    /** Borne out by a paper, or told. */
    by: z.enum(['paper', 'told']).default('told'),
    note: text(300).default(''),
    at: instantSchema,
  })
  .refine((k) => k.from === null || k.to === null || k.from <= k.to, {
    path: ['to'],
    message: 'It ends after it begins.',
  });
export type KeeperBody = z.infer<typeof keeperSchema>;

export const keeper = defineKind({ schema: keeperSchema, on: [], known: 'told', since: 4 });
