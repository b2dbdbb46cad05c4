import { z } from 'zod';
import { instantSchema, patchSchema, text, uuidSchema, zoneSchema } from './common';
import { defineKind } from './kind';

const bandSchema = z.object({ value: z.number().min(0), low: z.number().min(0), high: z.number().min(0) });

/** How wavy a panel is by reflected stripes on one photograph, for ranking panels of one car in one set-up. */
export const wavesSchema = z.object({
  zone: zoneSchema,
  photo: uuidSchema,
  /** The stretch that was read, px of the photograph's 2048 px picture. */
  stretch: patchSchema,
  /** How much of the panel the stretch covers along the stripes. */
  lengthMm: z.number().min(50).max(6000),
  /** Root mean square of the stripes' bending, waves below 10 mm and 10 to 100 mm long. */
  shortMm: bandSchema,
  longMm: bandSchema,
  /** Edges of stripes that were followed. */
  edges: z.number().int().min(1).max(1000),
  note: text(300).default(''),
  at: instantSchema,
});
export type WavesBody = z.infer<typeof wavesSchema>;

export const waves = defineKind({
  schema: wavesSchema,
  on: ['zone'],
  pictures: (w) => [w.photo],
  sees: (w) => [[w.zone, 'shape']],
  known: 'measured',
  since: 2,
});
