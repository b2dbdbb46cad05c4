import { z } from 'zod';
import { PIECE_ASPECTS, PIECE_FAULTS, PIECE_ID, PRESENCE } from '../catalogue/pieces';
import { instantSchema, text, uuidSchema, zoneSchema } from './common';
import { defineKind } from './kind';

/** A bright piece or something that belongs to the car: whether it is there, and what is wrong with it. */
export const pieceSchema = z
  .object({
    /** Null: it belongs to the car as a whole. */
    zone: zoneSchema.nullable().default(null),
    piece: z.string().regex(PIECE_ID, 'a piece such as door-handle'),
    presence: z.enum(PRESENCE),
    faults: z.array(z.enum(PIECE_FAULTS)).max(PIECE_FAULTS.length).default([]),
    /** How many there are, of things that are counted: keys. */
    count: z.number().int().min(0).max(999).nullable().default(null),
    /** Plated again at some time. */
    replated: z.enum(['yes', 'no', 'unknown']).default('unknown'),
    photos: z.array(uuidSchema).max(20).default([]),
    /** The aspect under which it is looked at, by what it is made of; of a piece that is none, brightwork. */
    aspect: z.enum(PIECE_ASPECTS).default('brightwork'),
    /** Of a pane: its maker's mark, its date code, and what was etched into it later. */
    mark: text(60).default(''),
    code: text(40).default(''),
    etched: text(40).default(''),
    note: text(500).default(''),
    at: instantSchema,
  })
  .refine((p) => p.presence === 'fitted' || p.presence === 'along' || p.faults.length === 0, {
    path: ['faults'],
    message: 'What is not there, or not the right one, has no faults of its own.',
  });
export type PieceBody = z.infer<typeof pieceSchema>;

export const piece = defineKind({
  schema: pieceSchema,
  on: ['zone'],
  pictures: (p) => p.photos,
  sees: (p) => (p.zone !== null && p.presence === 'fitted' ? [[p.zone, p.aspect]] : []),
  /** 2: pieces of glass, rubber and cloth, with `aspect`, `mark`, `code`, `etched`. */
  history: { schema: 2, since: { aspect: 2, mark: 2, code: 2, etched: 2 } },
  since: 3,
});
