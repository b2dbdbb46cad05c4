import { z } from 'zod';
import { PLIES, TIRE_FAULTS, WHEEL_FAULTS } from '../catalogue/tire-faults';
import { instantSchema, text, uuidSchema, zoneSchema } from './common';
import { defineKind } from './kind';

/** A tire as it was read and measured, with the wheel that it sits on. */
export const tireSchema = z.object({
  /** The wheel's zone; null: the spare. */
  zone: zoneSchema.nullable().default(null),
  maker: text(60).default(''),
  line: text(60).default(''),
  /** As it stands on the wall: 165 SR 15, 5.60-15. */
  size: text(40).default(''),
  /** Date code, or the whole identification that ends with it, as read. */
  code: text(40).default(''),
  /** Load index and speed letter, as read: 86S. */
  service: text(12).default(''),
  ply: z.enum(PLIES).default('unknown'),
  whiteWall: z.boolean().default(false),
  /** Least depth of tread over the width, mm; null: not measured. */
  treadMm: z.number().min(0).max(20).nullable().default(null),
  faults: z.array(z.enum(TIRE_FAULTS)).max(TIRE_FAULTS.length).default([]),
  wheel: z.array(z.enum(WHEEL_FAULTS)).max(WHEEL_FAULTS.length).default([]),
  photos: z.array(uuidSchema).max(20).default([]),
  note: text(500).default(''),
  at: instantSchema,
});
export type TireBody = z.infer<typeof tireSchema>;

export const tire = defineKind({
  schema: tireSchema,
  on: ['zone'],
  pictures: (t) => t.photos,
  sees: (t) => (t.zone === null ? [] : [[t.zone, 'tire']]),
  since: 4,
});
