import { z } from 'zod';
import { daySchema, instantSchema, text } from './common';
import { jobSchema } from './job';
import { defineKind } from './kind';

/** A job that was done: when and by whom. What it put right is closed by it; pictures of invoice and place are its own. */
export const doneSchema = z.object({
  ...jobSchema.shape,
  on: daySchema,
  /** Who did it. */
  by: text(200).default(''),
  note: text(500).default(''),
  at: instantSchema,
});
export type DoneBody = z.infer<typeof doneSchema>;

export const done = defineKind({ schema: doneSchema, on: [], known: 'told', since: 6 });
