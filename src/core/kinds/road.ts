import { z } from 'zod';
import { GATE_ASKS, ROAD_ITEMS, ROAD_STATES } from '../catalogue/run-words';
import { instantSchema, text } from './common';
import { defineKind } from './kind';

/** The road test: the gate's answers, and what was noted of the drive, where there was one. */
export const roadSchema = z
  .object({
    gate: z.partialRecord(z.enum(GATE_ASKS), z.enum(['yes', 'no'])).default({}),
    driven: z.boolean().default(false),
    distanceM: z.number().min(0).max(1_000_000).nullable().default(null),
    /** Where and on what: "a lap of the yard, ice". */
    surface: text(200).default(''),
    topKmh: z.number().min(0).max(250).nullable().default(null),
    items: z.partialRecord(z.enum(ROAD_ITEMS), z.enum(ROAD_STATES)).default({}),
    note: text(1000).default(''),
    at: instantSchema,
  })
  .refine((r) => !r.driven || GATE_ASKS.every((a) => r.gate[a] === 'yes'), {
    path: ['driven'],
    message: 'A car is driven only when every question of the gate was answered with yes.',
  });
export type RoadBody = z.infer<typeof roadSchema>;

export const road = defineKind({ schema: roadSchema, on: [], single: true, since: 4 });
