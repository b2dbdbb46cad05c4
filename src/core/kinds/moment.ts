import { z } from 'zod';
import { instantSchema, text, uuidSchema, zoneSchema } from './common';
import { defineKind } from './kind';

/** When a record was spoken of in a film: its second, and the words as they were said. */
export const momentSchema = z.object({
  /** The film's record, which may come later. */
  film: uuidSchema,
  fromS: z.number().nonnegative().max(86_400),
  toS: z.number().nonnegative().max(86_400).nullable().default(null),
  words: text(500),
  /** The record that it became. */
  of: uuidSchema,
  zone: zoneSchema.nullable().default(null),
  at: instantSchema,
});
export type Moment = z.infer<typeof momentSchema>;

export const moment = defineKind({
  schema: momentSchema,
  on: ['zone'],
  since: 5,
});
