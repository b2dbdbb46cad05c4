import type { RecordKind } from '@/core/kinds';
import type { Actor } from '../actor';
import type { LogLine } from '../change-hash';
import type { photoFile } from '../tables/pictures';

/**
 * Most records that one inspection takes. A full survey with a gauge and 300 pictures makes about 3,000; beyond the bound
 * a page, a seal and a check of the log would hold everybody up.
 */
export const MOST_RECORDS = 20_000;

export interface StoredState {
  kind: string;
  version: number;
  schema: number;
  body: unknown;
}

type FileFacts = Pick<typeof photoFile.$inferSelect, 'type' | 'bytes' | 'widthPx' | 'heightPx' | 'takenAt'>;

/** A line of the log as it is hashed, with its place in the chain. */
export interface LogRow {
  readonly line: LogLine;
  readonly previousHash: string;
  readonly hash: string;
  /** Version under which the database holds the record before this batch; 0 where it holds none. */
  readonly stored: number;
}

/** State of one batch while it is worked through in memory, inside its transaction. */
export interface Batch {
  readonly actor: Actor;
  readonly inspectionId: string;
  readonly at: Date;
  readonly records: Map<string, StoredState>;
  readonly stored: ReadonlyMap<string, number>;
  readonly known: Map<string, { contentHash: string; version: number }>;
  readonly photos: ReadonlyMap<string, FileFacts>;
  readonly log: LogRow[];
  readonly touched: Set<string>;
  /** New records may come in at the version they had where they come from. */
  readonly imported: boolean;
  readonly clockAheadS: number | null;
  /** Records that may still come in. */
  room: number;
  head: string;
  style: string | null;
  /** Kinds of which it holds the one that it may. */
  readonly singles: Set<RecordKind>;
}

/** A change whose text has no canonical form, or whose record changed under the lock. */
export class UnfitChange extends Error {}
