import { z } from 'zod';
import { crossesItself } from '../body/geometry';

export const EVIDENCE = ['seen', 'measured', 'told', 'inferred'] as const;
/** How a statement is known. The four never mix. */
export const evidenceSchema = z.enum(EVIDENCE);
export type Evidence = z.infer<typeof evidenceSchema>;

/** An id; another spelling of the same one is folded to lower case, as the database keeps it. */
export const uuidSchema = z.uuid().toLowerCase();
export const instantSchema = z.iso.datetime({ offset: true });
/** A calendar day that a sale can have; years before 1900 and after 2199 are slips. */
export const daySchema = z.iso.date().regex(/^(19|20|21)/, 'a day from 1900 to 2199');
export const shaSchema = z.string().regex(/^[0-9a-f]{64}$/, 'a SHA-256 in lower-case hexadecimal');

/** A zone slug's shape; whether the car has such a zone is checked against its plan. */
export const zoneSchema = z
  .string()
  .regex(/^[a-z]+(\.[a-z]+){0,3}$/, 'a zone slug such as fender.left')
  .max(60);

/** A seam's slug: two zones joined with `|`, alphabetically. */
export const seamSchema = z
  .string()
  .regex(/^[a-z]+(\.[a-z]+){0,3}\|[a-z]+(\.[a-z]+){0,3}$/, 'a seam slug such as door.left.front|fender.left')
  .max(120);

/** A place on the panel in millimetres (frame: docs/formats/readings.md). */
export const placeSchema = z.object({ uMm: z.number().min(-200).max(6000), vMm: z.number().min(-200).max(6000) });

/** A line drawn round something on the panel, mm: closed, of three corners at least, that does not cross itself. */
export const outlineSchema = z
  .array(placeSchema)
  .min(3)
  .max(60)
  .refine((corners) => !crossesItself(corners.map((c) => [c.uMm, c.vMm] as const)), {
    message: 'The line round it crosses itself: draw it again.',
  });

/** A rectangle on a picture, px. */
export const patchSchema = z.object({
  x: z.number().min(0).max(100_000),
  y: z.number().min(0).max(100_000),
  width: z.number().positive().max(100_000),
  height: z.number().positive().max(100_000),
});

/** Characters that a text may hold: well-formed Unicode without control characters other than tab and line break. */
const PLAIN_TEXT = /^(?:[\t\n\r]|[^\p{Cc}\p{Cs}])*$/u;

/** A text of up to `max` UTF-16 units that a database, a hash and a page can hold. */
export const text = (max: number) =>
  z.string().trim().max(max).regex(PLAIN_TEXT, 'a text without control characters or half letters');
