import { z } from 'zod';
import { SIGN_COASTS, SIGN_PLACES, SIGN_WITHS, SIGNS } from '../catalogue/drive-signs';
import { GATE_ASKS, ROAD_ITEMS, ROAD_STATES } from '../catalogue/run-words';
import { instantSchema, text } from './common';
import { defineKind } from './kind';

const kmh = z.number().min(0).max(250).nullable().default(null);

/** Something felt or heard on the road: what, where, with what, from and to which speed. */
export const feltSchema = z
  .object({
    what: z.enum(SIGNS),
    at: z.enum(SIGN_PLACES).nullable().default(null),
    withs: z.array(z.enum(SIGN_WITHS)).max(SIGN_WITHS.length).default([]),
    fromKmh: kmh,
    toKmh: kmh,
    /** Out of gear at the same speed. */
    coasts: z.enum(SIGN_COASTS).nullable().default(null),
    /** How often it comes where it is worst, 1/s. */
    hz: z.number().positive().max(200).nullable().default(null),
    note: text(300).default(''),
  })
  .refine((f) => f.fromKmh === null || f.toKmh === null || f.fromKmh <= f.toKmh, {
    path: ['toKmh'],
    message: 'It ends at a higher speed than it begins.',
  });

/** The road test: the gate's answers, and what was noted of the drive, where there was one. */
export const roadSchema = z
  .object({
    gate: z.partialRecord(z.enum(GATE_ASKS), z.enum(['yes', 'no'])).default({}),
    driven: z.boolean().default(false),
    distanceM: z.number().min(0).max(1_000_000).nullable().default(null),
    /** Where and on what: "a lap of the yard, ice". */
    surface: text(200).default(''),
    topKmh: kmh,
    items: z.partialRecord(z.enum(ROAD_ITEMS), z.enum(ROAD_STATES)).default({}),
    felt: z.array(feltSchema).max(20).default([]),
    note: text(1000).default(''),
    at: instantSchema,
  })
  .refine((r) => !r.driven || GATE_ASKS.every((a) => r.gate[a] === 'yes'), {
    path: ['driven'],
    message: 'A car is driven only when every question of the gate was answered with yes.',
  })
  .refine((r) => r.driven || r.felt.length === 0, {
    path: ['felt'],
    message: 'On the road something is felt only where it was driven.',
  });
export type RoadBody = z.infer<typeof roadSchema>;

export const road = defineKind({ schema: roadSchema, on: [], single: true, since: 4 });
