import type { AnyRecord, RecordKind, StoredRecord } from '../kinds';
import type { CheckedChange } from './check-change';

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

/** Kinds already taken out of a map; a map of records is never changed once it is handed out. */
const taken = new WeakMap<object, Map<RecordKind, readonly AnyRecord[]>>();

/** The records of one kind, in the order of their ids (which is the order in which they were made). */
export function recordsOf<K extends RecordKind>(
  records: Records | readonly AnyRecord[],
  kind: K,
): readonly StoredRecord<K>[] {
  const kinds = taken.get(records) ?? byKind(records);
  return (kinds.get(kind) ?? []) as unknown as readonly StoredRecord<K>[];
}

function byKind(records: Records | readonly AnyRecord[]): Map<RecordKind, readonly AnyRecord[]> {
  const kinds = new Map<RecordKind, AnyRecord[]>();
  const all: Iterable<AnyRecord> = Array.isArray(records) ? records : (records as Records).values();
  for (const record of all) {
    const own = kinds.get(record.kind);
    if (own) own.push(record);
    else kinds.set(record.kind, [record]);
  }
  for (const own of kinds.values())
    if (own.some((r, i) => i > 0 && own[i - 1]!.id > r.id))
      own.sort((a, b) => (a.id < b.id ? -1 : a.id > b.id ? 1 : 0));
  taken.set(records, kinds);
  return kinds;
}
