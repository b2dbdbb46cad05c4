import { z } from 'zod';
import { evidenceSchema, instantSchema, text, zoneSchema } from './common';
import { defineKind } from './kind';

/** Something looked for that speaks for or against what the seller says. */
export const proofSchema = z.object({
  /** A mark of the house's table; those that it does not have are shown as not understood. */
  mark: z
    .string()
    .regex(/^[a-z][a-z0-9-]*$/, 'a mark such as plate-rivets-works')
    .max(60),
  zone: zoneSchema.nullable().default(null),
  where: text(160).default(''),
  evidence: evidenceSchema.default('seen'),
  note: text(500).default(''),
  at: instantSchema,
});
export type ProofBody = z.infer<typeof proofSchema>;

export const proof = defineKind({ schema: proofSchema, on: ['zone'], since: 4 });
