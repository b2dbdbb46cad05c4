import { z } from 'zod';
import { FLAW_IDS } from '../catalogue/flaws/catalogue';
import { OWN_WORDS } from '../catalogue/flaws/own-words';
import { JOINTS } from '../catalogue/joints';
import { MAGNETS } from '../catalogue/spot-tests';
import { evidenceSchema, instantSchema, outlineSchema, placeSchema, text, uuidSchema, zoneSchema } from './common';
import { defineKind } from './kind';

/** Something wrong, worn, altered or missing, at a place on the car. */
export const findingSchema = z
  .object({
    zone: zoneSchema,
    flaw: z.string().refine((id) => FLAW_IDS.has(id), { message: 'Not a flaw of the catalogue.' }),
    count: z.number().int().min(1).max(9999).default(1),
    /** Largest extent in mm. */
    sizeMm: z.number().positive().max(6000).nullable().default(null),
    /** Share of the zone's area, 0 to 1. */
    share: z.number().min(0).max(1).nullable().default(null),
    /** Grades of ISO 4628 for flaws that it knows: quantity and size, 0 to 5. */
    iso4628: z
      .object({ quantity: z.number().int().min(0).max(5), size: z.number().int().min(0).max(5) })
      .nullable()
      .default(null),
    place: placeSchema.nullable().default(null),
    /** Where on the zone in words: "leading edge". */
    where: text(160).default(''),
    evidence: evidenceSchema.default('seen'),
    /** Distance in m from which it was noticed. */
    visibleFromM: z.number().min(0).max(100).nullable().default(null),
    active: z.enum(['steady', 'active', 'unknown']).default('unknown'),
    /** Whether it was treated against going on: converted, waxed, oiled. */
    treated: z.enum(['yes', 'no', 'unknown']).default('unknown'),
    /** How an old patch is joined; null: not said, or no patch. */
    joined: z.enum(JOINTS).nullable().default(null),
    /** Its extent as drawn round it on the panel, a closed line that does not cross itself; null: not drawn. */
    outline: outlineSchema.nullable().default(null),
    touchedIn: z.boolean().default(false),
    /** How a magnet held there; null: not tried. */
    magnet: z.enum(MAGNETS).nullable().default(null),
    photos: z.array(uuidSchema).max(50).default([]),
    note: text(2000).default(''),
    /** A finding may be left out of the report only with a reason, which the report counts. */
    withheld: text(200).min(3).nullable().default(null),
    at: instantSchema,
  })
  .refine((f) => f.flaw !== OWN_WORDS || f.note !== '', {
    path: ['note'],
    message: 'What is kept in own words needs the words.',
  });
export type Finding = z.infer<typeof findingSchema>;

export const finding = defineKind({
  schema: findingSchema,
  on: ['zone'],
  pictures: (f) => f.photos,
  /** 4: `treated`, `joined`, `outline`. 3: `magnet`. 2: a finding may stand in own words. */
  history: { schema: 4, since: { magnet: 3, treated: 4, joined: 4, outline: 4 } },
  since: 1,
});
