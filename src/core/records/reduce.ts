import type { CheckedChange } from './check-change';
import type { AnyRecord, RecordKind, StoredRecord } from './kinds';

/** All records of an inspection by id. */
export type Records = ReadonlyMap<string, AnyRecord>;

/**
 * Applies one change: the record put under the next version, or taken out. The same function serves the browser's
 * screen, the gateway's answer and a bundle's import. Removing what is not there changes nothing.
 */
export function reduce(records: Records, change: CheckedChange): Records {
  const next = new Map(records);
  if (change.op === 'remove') next.delete(change.record);
  else
    next.set(change.record, {
      id: change.record,
      kind: change.kind,
      version: change.base + 1,
      body: change.body,
    } as AnyRecord);
  return next;
}

/** The change that takes another back, given the records before it; null when there is nothing to take back. */
export function inverse(before: Records, change: CheckedChange, newId: string): CheckedChange | null {
  const old = before.get(change.record);
  const current = change.base + 1;
  if (change.op === 'put' && !old)
    return { id: newId, op: 'remove', kind: change.kind, record: change.record, base: current };
  if (!old) return null;
  return {
    id: newId,
    op: 'put',
    kind: old.kind,
    record: old.id,
    base: change.op === 'put' ? current : 0,
    body: old.body,
  };
}

/** The records of one kind, in the order of their ids (which is the order in which they were made). */
export function recordsOf<K extends RecordKind>(records: Records | readonly AnyRecord[], kind: K): StoredRecord<K>[] {
  const all = Array.isArray(records) ? (records as readonly AnyRecord[]) : [...(records as Records).values()];
  const own = all.filter((r): r is Extract<AnyRecord, { kind: K }> => r.kind === kind) as unknown as StoredRecord<K>[];
  return own.sort((a, b) => (a.id < b.id ? -1 : a.id > b.id ? 1 : 0));
}
