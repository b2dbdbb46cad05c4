import { z } from 'zod';
import { FASTENINGS, NUMBER_PLACES, STAMPINGS } from '../catalogue/papers';
import { evidenceSchema, instantSchema, text, zoneSchema } from './common';
import { defineKind } from './kind';

/** A number as it was read at a place on the car or on its papers. */
export const numberSchema = z.object({
  place: z.enum(NUMBER_PLACES),
  zone: zoneSchema.nullable().default(null),
  /** As read, doubtful characters and all; empty: there, and not to be read. */
  asRead: text(60).default(''),
  fastening: z.enum(FASTENINGS).nullable().default(null),
  stamping: z.enum(STAMPINGS).nullable().default(null),
  evidence: evidenceSchema.default('seen'),
  note: text(500).default(''),
  at: instantSchema,
});
export type NumberBody = z.infer<typeof numberSchema>;

export const number = defineKind({ schema: numberSchema, on: ['zone'], since: 4 });
