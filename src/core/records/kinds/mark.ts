import { z } from 'zod';
import { markIdSchema } from '../../paint/marks';
import { evidenceSchema, instantSchema, text, uuidSchema, zoneSchema } from './common';

/** Something seen on a panel that speaks for or against its being the works' paint, and is no flaw. */
export const markSchema = z.object({
  zone: zoneSchema,
  mark: markIdSchema,
  /** Where it was seen: "hinge bolts, upper". */
  where: text(160).default(''),
  evidence: evidenceSchema.default('seen'),
  photos: z.array(uuidSchema).max(20).default([]),
  note: text(2000).default(''),
  at: instantSchema,
});
export type MarkBody = z.infer<typeof markSchema>;
