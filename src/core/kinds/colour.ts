import { z } from 'zod';
import { COLOUR_VERDICTS } from '../catalogue/colour-verdicts';
import { instantSchema, patchSchema, text, uuidSchema, zoneSchema } from './common';
import { defineKind } from './kind';

const deltaESchema = z.object({
  value: z.number().min(0).max(200),
  low: z.number().min(0).max(200),
  high: z.number().min(0).max(200),
});

/** The colours of two panels, or of a panel and its jamb, compared on photographs with a grey card: one for each angle. */
export const colourSchema = z.object({
  zone: zoneSchema,
  /** The other panel; null for the panel's own jamb. */
  against: zoneSchema.nullable().default(null),
  angles: z
    .array(z.object({ photo: uuidSchema, card: patchSchema, a: patchSchema, b: patchSchema, deltaE: deltaESchema }))
    .min(1)
    .max(3),
  /** CIEDE2000 of the angle with the largest difference. */
  deltaE: deltaESchema,
  verdict: z.enum(COLOUR_VERDICTS),
  note: text(300).default(''),
  at: instantSchema,
});
export type Colour = z.infer<typeof colourSchema>;

export const colour = defineKind({
  schema: colourSchema,
  on: ['zone'],
  pictures: (c) => c.angles.map((a) => a.photo),
  known: 'measured',
  since: 2,
});
