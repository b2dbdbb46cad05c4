import { z } from 'zod';
import { SCHOOLS } from '../catalogue/schools';
import { instantSchema, text } from './common';
import { defineKind } from './kind';

const checkSchema = z.object({
  when: z.enum(['start', 'end']),
  zeroUm: z.number().min(-200).max(500),
  foilUm: z.number().min(1).max(5000),
  foilReadUm: z.number().min(0).max(6000),
});

export const gaugeSchema = z.object({
  name: text(80).min(1),
  kind: z.enum(['magnetic', 'eddy', 'combined']).default('combined'),
  ceilingUm: z.number().min(100).max(20000),
  checks: z.array(checkSchema).max(20).default([]),
});
export type Gauge = z.infer<typeof gaugeSchema>;

/** The conditions under which the car was looked at. */
export const visitSchema = z.object({
  startedAt: instantSchema,
  hours: z.number().min(0).max(48).nullable().default(null),
  place: text(160).default(''),
  inspector: text(120).default(''),
  /** Null here and below: nobody said. */
  light: z.enum(['sun', 'shade', 'overcast', 'indoor', 'dark']).nullable().default(null),
  surface: z.enum(['dry', 'damp', 'wet', 'snow']).nullable().default(null),
  clean: z.boolean().nullable().default(null),
  temperatureC: z.number().min(-40).max(60).nullable().default(null),
  lift: z.enum(['none', 'pit', 'stands', 'lift']).nullable().default(null),
  gauge: gaugeSchema.nullable().default(null),
  /** By which working order; null: nobody said, and what is wanted is that of a full survey. */
  school: z.enum(SCHOOLS).nullable().default(null),
  note: text(2000).default(''),
});
export type Visit = z.infer<typeof visitSchema>;

export const visit = defineKind({
  schema: visitSchema,
  on: [],
  /** 2: light, surface, clean and lift may be unsaid; before, a form stated them for the person. */
  history: { schema: 3, since: { school: 3 } },
  known: 'told',
  since: 1,
});
