import { z } from 'zod';
import { instantSchema, text } from './common';
import { defineKind } from './kind';

const height = z.number().min(0).max(2000);

/** Height of the wheel arches over level ground at four corners. */
export const stanceSchema = z.object({
  leftFrontMm: height,
  rightFrontMm: height,
  leftRearMm: height,
  rightRearMm: height,
  note: text(300).default(''),
  at: instantSchema,
});
export type StanceBody = z.infer<typeof stanceSchema>;

export const stance = defineKind({
  schema: stanceSchema,
  on: [],
  since: 2,
});
