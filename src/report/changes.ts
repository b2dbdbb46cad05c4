import type { AnyRecord } from '@/core/kinds';
import type { RecordChange } from '@/core/records/record-change';
import { canonicalText } from '@/core/seal/seal';

/** What differs between the records of two revisions, by id: taken out, changed, then entered, each in order of ids. */
export function recordChanges(before: readonly AnyRecord[], after: readonly AnyRecord[]): RecordChange[] {
  const byId = (list: readonly AnyRecord[]) => new Map(list.map((r) => [r.id, r]));
  const [old, now] = [byId(before), byId(after)];
  const ids = [...new Set([...old.keys(), ...now.keys()])].sort();
  const rows = ids.flatMap((id): (RecordChange & { rank: number })[] => {
    const [a, b] = [old.get(id), now.get(id)];
    if (a && b && canonicalText(a.body) === canonicalText(b.body)) return [];
    const rank = b ? (a ? 1 : 2) : 0;
    return [{ kind: (b ?? a)!.kind, before: a?.body ?? null, after: b?.body ?? null, rank }];
  });
  return rows.sort((a, b) => a.rank - b.rank).map(({ rank: _r, ...row }) => row);
}
