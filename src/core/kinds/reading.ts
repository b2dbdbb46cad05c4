import { z } from 'zod';
import { toUm } from '../units/thickness';
import { instantSchema, placeSchema, text, uuidSchema, zoneSchema } from './common';
import { defineKind } from './kind';
import { PRACTICE_NOTE } from './practice';
import { READING_LIMITS as LIMITS } from './reading-limits';

/** One coating-thickness reading: what the gauge showed, as typed and in micrometres. */
export const readingSchema = z
  .object({
    zone: zoneSchema,
    /** `read` a value; `over` at least the ceiling; `none` the gauge showed nothing. */
    state: z.enum(['read', 'over', 'none']),
    /** Micrometres; when `over` the value that it is at least (the gauge's ceiling, or the figure typed), null when `none`. */
    thicknessUm: z.number().min(0).max(LIMITS.highestUm).nullable(),
    typed: z.object({ text: text(24), unit: z.enum(['um', 'mil']) }),
    place: placeSchema.nullable().default(null),
    visit: uuidSchema.nullable().default(null),
    /** Set when the inspector was asked about an unlikely value and stood by it. */
    confirmed: z.boolean().default(false),
    /** Read off the car, or from the stand-in gauge and its made-up car: that speaks of no car and blocks the seal. */
    origin: z.enum(['car', 'practice']).default('car'),
    note: text(300).default(''),
    at: instantSchema,
  })
  .superRefine((r, ctx) => {
    if ((r.state === 'none') !== (r.thicknessUm === null)) {
      ctx.addIssue({
        code: 'custom',
        path: ['thicknessUm'],
        message: 'A value goes with read and over, and only with them.',
      });
    }
    if (r.state !== 'read' || r.thicknessUm === null) return;
    const typed = Number(r.typed.text.replace(',', '.'));
    if (
      !Number.isFinite(typed) ||
      Math.abs(toUm(typed, r.typed.unit) - r.thicknessUm) > Math.max(0.06, r.thicknessUm * 0.005)
    ) {
      ctx.addIssue({ code: 'custom', path: ['typed'], message: 'The typed value and the micrometres do not agree.' });
    }
    if (r.typed.unit === 'um' && r.thicknessUm < LIMITS.askBelowUm && !r.confirmed) {
      ctx.addIssue({
        code: 'custom',
        path: ['typed', 'unit'],
        params: { reason: 'ask-unit' },
        message: `${r.typed.text} µm would be nearly bare metal. Is it ${r.typed.text} mil (${Math.round(toUm(typed, 'mil'))} µm)? Send it as mil, or confirmed.`,
      });
    }
  });
export type Reading = z.infer<typeof readingSchema>;

export const reading = defineKind({
  schema: readingSchema,
  on: ['zone'],
  // A gauge that showed nothing looked at nothing.
  sees: (r) => (r.state === 'none' ? [] : [[r.zone, 'paint']]),
  /** 2: `origin`; before, a practice reading was told by its note. */
  history: {
    schema: 2,
    since: { origin: 2 },
    older: (body) =>
      body.origin === undefined && typeof body.note === 'string' && body.note.includes(PRACTICE_NOTE)
        ? { ...body, origin: 'practice' }
        : body,
  },
  known: 'measured',
  since: 1,
});
