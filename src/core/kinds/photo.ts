import { z } from 'zod';
import { GAP_REFUSALS } from '../catalogue/gap-refusals';
import { instantSchema, patchSchema, seamSchema, shaSchema, text, uuidSchema, zoneSchema } from './common';
import { defineKind } from './kind';

/** What is known of a picture; its bytes live in the photo store under their hash. */
export const photoSchema = z.object({
  sha256: shaSchema,
  name: text(200).min(1),
  type: z.enum(['image/jpeg', 'image/png', 'image/webp']),
  bytes: z.number().int().positive(),
  widthPx: z.number().int().positive(),
  heightPx: z.number().int().positive(),
  takenAt: instantSchema.nullable().default(null),
  zone: zoneSchema.nullable().default(null),
  /** The record that it shows: a finding, a fluid on its rag, a part from below. */
  finding: uuidSchema.nullable().default(null),
  /** An overview from where one stands, or a close-up; null: by whether it was taken for a finding. */
  range: z.enum(['far', 'near']).nullable().default(null),
  /** The seam that it shows with a card beside it, to be measured. */
  seam: seamSchema.nullable().default(null),
  /** Why no gap is read off it, as the measure said or an inspector decided; null: none tried, or measured. */
  seamRefused: z
    .enum([...GAP_REFUSALS, 'by-hand'])
    .nullable()
    .default(null),
  /** The standard view that it was taken as: `round.front-left`, `panel.hood`. */
  view: z
    .string()
    .regex(/^[a-z][a-z-]*(\.[a-z-]+){1,5}$/, 'a standard view such as round.front')
    .max(80)
    .nullable()
    .default(null),
  /** Faces and plates of others, as boxes in px: made unreadable in whatever is published. */
  blur: z.array(patchSchema).max(40).default([]),
  caption: text(300).default(''),
  /** True for pictures drawn by the program, which show no real car. */
  drawn: z.boolean().default(false),
});
export type Photo = z.infer<typeof photoSchema>;

export const photo = defineKind({
  schema: photoSchema,
  on: ['zone', 'seam'],
  file: (p) => p.sha256,
  history: { schema: 2, since: { view: 2, blur: 2 } },
  since: 1,
});
