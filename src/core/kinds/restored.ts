import { z } from 'zod';
import { SYSTEMS, WORK_EXTENTS, WORK_QUALITIES, WORK_SIGNS } from '../catalogue/papers';
import { evidenceSchema, instantSchema, text } from './common';
import { defineKind } from './kind';

const year = z.number().int().min(1885).max(2100).nullable().default(null);

/** Work of a restoration on one system: when, by whom, how far, how good it is now, and what shows it. */
export const restoredSchema = z.object({
  system: z.enum(SYSTEMS),
  fromYear: year,
  toYear: year,
  by: text(120).default(''),
  extent: z.enum(WORK_EXTENTS).nullable().default(null),
  /** Borne out by bills or photographs that were seen. */
  papers: z.boolean().default(false),
  quality: z.enum(WORK_QUALITIES).nullable().default(null),
  /** It has settled: neither new nor original any more. */
  matured: z.boolean().nullable().default(null),
  signs: z.array(z.enum(WORK_SIGNS)).max(WORK_SIGNS.length).default([]),
  evidence: evidenceSchema.default('seen'),
  note: text(500).default(''),
  at: instantSchema,
});
export type RestoredBody = z.infer<typeof restoredSchema>;

export const restored = defineKind({ schema: restoredSchema, on: [], since: 4 });
