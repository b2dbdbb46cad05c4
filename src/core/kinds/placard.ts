import { z } from 'zod';
import { instantSchema, text } from './common';
import { defineKind } from './kind';

/** Tires as the car's placard or handbook gives them. */
export const placardSchema = z.object({
  front: text(40),
  rear: text(40).default(''),
  service: text(12).default(''),
  at: instantSchema,
});
export type PlacardBody = z.infer<typeof placardSchema>;

export const placard = defineKind({ schema: placardSchema, on: [], single: true, since: 4 });
