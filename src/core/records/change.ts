import { z } from 'zod';
import { RECORD_KINDS, type RecordKind } from './kinds';
import { uuidSchema } from './kinds/common';

export const CHANGES_PER_CALL = 500;

/** The outer shape of a change; the body is checked against its kind's schema. */
export const changeSchema = z.discriminatedUnion('op', [
  z.object({
    id: uuidSchema,
    op: z.literal('put'),
    kind: z.enum(RECORD_KINDS as [RecordKind, ...RecordKind[]]),
    record: uuidSchema,
    /** The version this change was made upon; 0 for a new record. */
    base: z.number().int().nonnegative(),
    body: z.record(z.string(), z.unknown()),
  }),
  z.object({
    id: uuidSchema,
    op: z.literal('remove'),
    kind: z.enum(RECORD_KINDS as [RecordKind, ...RecordKind[]]),
    record: uuidSchema,
    base: z.number().int().positive(),
  }),
]);
export type Change = z.infer<typeof changeSchema>;

export const changeBatchSchema = z.object({ changes: z.array(z.unknown()).min(1).max(CHANGES_PER_CALL) });

export type RejectReason =
  | 'malformed'
  | 'unknown-zone'
  | 'unknown-seam'
  | 'unknown-style'
  | 'invalid'
  | 'ask-unit'
  | 'reused-id'
  | 'sealed'
  | 'unknown-photo'
  | 'wrong-kind'
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
