import { z } from 'zod';
import { instantSchema, text } from './common';
import { defineKind } from './kind';

export const CLAIM_KINDS = [
  'original-paint',
  'original-colour',
  'matching-engine',
  'mileage',
  'no-rust',
  'never-hit',
  'restored',
  'owners',
  'special-model',
  'everything-works',
  'part-replaced',
  'other',
] as const;

/** A sentence of the seller or an older listing, kept as said until evidence carries or contradicts it. */
export const claimSchema = z.object({
  kind: z.enum(CLAIM_KINDS),
  text: text(500).min(1),
  source: text(120).min(1),
  saidAt: instantSchema,
});
export type Claim = z.infer<typeof claimSchema>;

export const claim = defineKind({
  schema: claimSchema,
  on: [],
  known: 'told',
  since: 1,
  by: 'claim',
});
