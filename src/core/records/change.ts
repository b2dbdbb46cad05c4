import { z } from 'zod';
import { RECORD_KINDS, type RecordKind } from '../kinds';
import { uuidSchema } from '../kinds/common';

export const CHANGES_PER_CALL = 500;
/** Most bytes of one call; the server refuses 4 MB. */
export const BYTES_PER_CALL = 2_000_000;
/** Far above what a record is ever corrected; the database counts no further than 2^31 − 1. */
export const MOST_VERSIONS = 2_000_000_000;

/** The outer shape of a change; the body is checked against its kind's schema. */
export const changeSchema = z.discriminatedUnion('op', [
  z.object({
    id: uuidSchema,
    op: z.literal('put'),
    kind: z.enum(RECORD_KINDS as [RecordKind, ...RecordKind[]]),
    record: uuidSchema,
    /** The schema number of its kind that the body was written by; 1 where none is said. */
    schema: z.number().int().positive().max(1_000_000).default(1),
    /** The version this change was made upon; 0 for a new record. */
    base: z.number().int().nonnegative().max(MOST_VERSIONS),
    body: z.record(z.string(), z.unknown()),
  }),
  z.object({
    id: uuidSchema,
    op: z.literal('remove'),
    kind: z.enum(RECORD_KINDS as [RecordKind, ...RecordKind[]]),
    record: uuidSchema,
    base: z.number().int().positive().max(MOST_VERSIONS),
  }),
]);
export type Change = z.infer<typeof changeSchema>;

export const changeBatchSchema = z.object({
  /** The account for whom they were entered; another person's session is refused. Programs may leave it out. */
  by: z.string().min(1).max(100).optional(),
  /** What the device's clock said when it was sent; a difference from the server's is noted beside the entries. */
  sentAt: z.iso.datetime({ offset: true }).optional(),
  changes: z.array(z.unknown()).min(1).max(CHANGES_PER_CALL),
});

export type RejectReason =
  | 'malformed'
  | 'unknown-zone'
  | 'unknown-seam'
  | 'unknown-style'
  | 'invalid'
  | 'ask-unit'
  | 'role'
  | 'reused-id'
  | 'sealed'
  | 'unknown-photo'
  | 'wrong-kind'
  /** The inspection holds as many records as it takes. */
  | 'too-many-records'
  /** Entered by a newer program than the one that answers: it waits until that one is up to date. */
  | 'update-first'
  /** The whole request was refused, with the server's own words. */
  | 'refused';

export type ChangeResult =
  | { id: string; status: 'applied'; version: number }
  | { id: string; status: 'duplicate'; version: number }
  | {
      id: string;
      status: 'conflict';
      present: { version: number; body: unknown } | null;
      /** Who changed the record last, and when. */
      by?: { who: string; at: string };
    }
  | { id: string; status: 'rejected'; reason: RejectReason; message: string; path?: string; nearest?: string };
