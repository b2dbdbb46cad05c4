import { z } from 'zod';
import { ALONG_THINGS } from '../catalogue/along';
import { evidenceSchema, instantSchema, text } from './common';
import { defineKind } from './kind';

/** A thing that comes with the car, or was looked for and is not with it. */
export const alongSchema = z.object({
  thing: z.enum(ALONG_THINGS),
  there: z.boolean().default(true),
  evidence: evidenceSchema.default('seen'),
  note: text(300).default(''),
  at: instantSchema,
});
export type AlongBody = z.infer<typeof alongSchema>;

export const along = defineKind({ schema: alongSchema, on: [], since: 7 });
