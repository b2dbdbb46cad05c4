import type { CheckedChange } from './check-change';
import type { AnyRecord, RecordKind, StoredRecord } from './kinds';

/** All records of an inspection by id. */
export type Records = ReadonlyMap<string, AnyRecord>;

/** Applies one change to a map of one's own: the record put under the next version, or taken out. */
export function applyTo(records: Map<string, AnyRecord>, change: CheckedChange): void {
  if (change.op === 'remove') records.delete(change.record);
  else
    records.set(change.record, {
      id: change.record,
      kind: change.kind,
      version: change.base + 1,
      body: change.body,
    } as AnyRecord);
}

/**
 * Applies one change and leaves the given records as they were. The same rule serves the browser's screen, the
 * gateway's answer and a bundle's import. Removing what is not there changes nothing.
 */
export function reduce(records: Records, change: CheckedChange): Records {
  const next = new Map(records);
  applyTo(next, change);
  return next;
}

/** The records of one kind, in the order of their ids (which is the order in which they were made). */
export function recordsOf<K extends RecordKind>(records: Records | readonly AnyRecord[], kind: K): StoredRecord<K>[] {
  const all = Array.isArray(records) ? (records as readonly AnyRecord[]) : [...(records as Records).values()];
  const own = all.filter((r): r is Extract<AnyRecord, { kind: K }> => r.kind === kind) as unknown as StoredRecord<K>[];
  return own.sort((a, b) => (a.id < b.id ? -1 : a.id > b.id ? 1 : 0));
}
