import { z } from 'zod';
import { markIdSchema } from '../catalogue/marks';
import { evidenceSchema, instantSchema, text, uuidSchema, zoneSchema } from './common';
import { defineKind } from './kind';

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

export const mark = defineKind({
  schema: markSchema,
  on: ['zone'],
  pictures: (m) => m.photos,
  since: 2,
});
