import { z } from 'zod';
import { daySchema, evidenceSchema, instantSchema, text } from './common';
import { defineKind } from './kind';

const PART = /^[a-z][a-z-]*(\.[a-z][a-z-]*){0,3}$/;
const ID = /^([a-z][a-z0-9-]*)?$/;

/** A date as it stands on a part: its code as read, or the day itself. */
export const datedSchema = z
  .object({
    part: z.string().regex(PART, 'a part such as casting.block').max(60),
    code: text(40).default(''),
    /** The form by which it is read; empty: the first of the part's forms that it has. */
    format: z.string().regex(ID).max(60).default(''),
    /** The day that it says in plain figures. */
    on: daySchema.nullable().default(null),
    evidence: evidenceSchema.default('seen'),
    note: text(500).default(''),
    at: instantSchema,
  })
  .refine((d) => d.code !== '' || d.on !== null, { path: ['code'], message: 'A code or a day was read.' });
export type DatedBody = z.infer<typeof datedSchema>;

export const dated = defineKind({ schema: datedSchema, on: [], since: 4 });
