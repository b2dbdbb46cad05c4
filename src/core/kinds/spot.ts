import { z } from 'zod';
import { BEHIND, MAGNETS, PRESSES, SURFACES, TAPS, TOUCHES, WIPES } from '../catalogue/spot-tests';
import { instantSchema, placeSchema, text, uuidSchema, zoneSchema } from './common';
import { defineKind } from './kind';

/** What was tried at one spot of the metal, and what each test gave; null: not tried. */
export const spotSchema = z
  .object({
    zone: zoneSchema,
    place: placeSchema.nullable().default(null),
    where: text(160).default(''),
    surface: z.enum(SURFACES).nullable().default(null),
    magnet: z.enum(MAGNETS).nullable().default(null),
    tap: z.enum(TAPS).nullable().default(null),
    /** Pressed gently, with the owner's leave. */
    press: z.enum(PRESSES).nullable().default(null),
    behind: z.enum(BEHIND).nullable().default(null),
    touch: z.enum(TOUCHES).nullable().default(null),
    wipe: z.enum(WIPES).nullable().default(null),
    photos: z.array(uuidSchema).max(20).default([]),
    note: text(2000).default(''),
    at: instantSchema,
  })
  .refine((s) => [s.surface, s.magnet, s.tap, s.press, s.behind, s.touch, s.wipe].some((t) => t !== null), {
    path: ['magnet'],
    message: 'One test at least says what it gave.',
  });
export type SpotBody = z.infer<typeof spotSchema>;

export const spot = defineKind({
  schema: spotSchema,
  on: ['zone'],
  pictures: (s) => s.photos,
  sees: (s) => [[s.zone, 'corrosion']],
  since: 3,
});
