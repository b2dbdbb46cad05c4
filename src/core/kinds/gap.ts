import { z } from 'zod';
import { GAP_REFUSALS } from '../catalogue/gap-refusals';
import { evidenceSchema, instantSchema, seamSchema, text, uuidSchema } from './common';
import { defineKind } from './kind';

const pointSchema = z.tuple([z.number().min(-10_000).max(100_000), z.number().min(-10_000).max(100_000)]);

const stationSchema = z.object({
  /** Along the seam from its front, or its top, mm. */
  sMm: z.number().min(0).max(10_000),
  gapMm: z.number().min(0).max(60).nullable().default(null),
  gapSeMm: z.number().min(0).max(10).nullable().default(null),
  /** How proud the first zone of the slug stands of the second; negative: sunk. */
  flushMm: z.number().min(-60).max(60).nullable().default(null),
  flushSeMm: z.number().min(0).max(10).nullable().default(null),
  /** The edges on the picture, px; null where typed. */
  edgesPx: z.tuple([pointSchema, pointSchema]).nullable().default(null),
  /** Left out by the inspector, or moved by hand. */
  touched: z.enum(['dropped', 'moved']).nullable().default(null),
  refused: z.enum(GAP_REFUSALS).nullable().default(null),
});

/** What gaps are measured with. */
export const GAP_TOOLS = ['feeler', 'wedge', 'caliper', 'photo', 'eye'] as const;
export type GapTool = (typeof GAP_TOOLS)[number];

/** Gap and flushness measured along one seam: typed from feeler, wedge or caliper, or read off a photograph. */
export const gapSchema = z.object({
  seam: seamSchema,
  by: z.enum(GAP_TOOLS),
  stations: z.array(stationSchema).min(1).max(400),
  /** Everything that is needed to measure the picture again: card's size and corners, the drawn seam. */
  photo: z
    .object({
      id: uuidSchema,
      cardMm: z.tuple([z.number().positive().max(2000), z.number().positive().max(2000)]),
      cardPx: z.array(pointSchema).length(4),
      seamPx: z.array(pointSchema).min(2).max(60),
      pxPerMm: z.number().positive(),
      tiltDeg: z.number().min(0).max(90),
      reprojectionPx: z.number().min(0),
    })
    .nullable()
    .default(null),
  evidence: evidenceSchema.default('measured'),
  note: text(300).default(''),
  at: instantSchema,
});
export type GapBody = z.infer<typeof gapSchema>;

export const gap = defineKind({
  schema: gapSchema,
  on: ['seam'],
  pictures: (g) => (g.photo ? [g.photo.id] : []),
  sees: (g, plan) =>
    g.stations.some((s) => s.touched !== 'dropped' && (s.gapMm !== null || s.flushMm !== null))
      ? (plan.seams.get(g.seam)?.zones ?? []).map((zone) => [zone, 'fit'] as const)
      : [],
  known: 'measured',
  since: 2,
});
