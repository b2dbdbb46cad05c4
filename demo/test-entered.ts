import { type AnyRecord, KINDS } from '@/core/kinds';
import { writeBundle } from '@/core/records/bundle';
import { type Snapshot, takeSnapshot } from '@/report/snapshot';
import { recordsOfLot } from './lot-records';
import { LOTS } from './lots';
import type { DemoVisit } from './visit';

export const STARTED = new Date('2027-02-10T08:30:00Z');
export const LOT_ID = '01940000-0000-7000-8000-0000000000ff';
/** Numbers of the lots at which something is entered. */
export const WALKED = LOTS.filter((l) => l.stage !== 'listed').map((l) => l.number);

/** A lot's records as they stand once the demo is written, without its pictures, for tests. */
export function enteredOf(number: number): { lot: (typeof LOTS)[number]; visit: DemoVisit; records: AnyRecord[] } {
  const lot = LOTS.find((l) => l.number === number)!;
  const { visit } = recordsOfLot(lot, STARTED, LOT_ID, 'Ilse Brandvik');
  const records = visit.changes.flatMap((c) =>
    c.op === 'put'
      ? [{ id: c.record, kind: c.kind, version: 1, body: KINDS[c.kind].schema.parse(c.body) } as AnyRecord]
      : [],
  );
  return { lot, visit, records };
}

/** The report of such records, as it would be sealed, for tests. */
export function snapshotOf(records: readonly AnyRecord[]): Snapshot {
  const taken = takeSnapshot({
    bundle: writeBundle(
      { id: LOT_ID, number: 1, title: 'A demo lot', sale: 'The Tramshed Dispersal' },
      { id: '01940000-0000-7000-8000-0000000000fe', revision: 1, state: 'reviewed' },
      records,
    ),
    sale: { name: 'The Tramshed Dispersal', closesOn: '2027-03-04' },
    sealedAt: '2027-02-20T10:00:00Z',
    sealedBy: 'Petra Quayle-Lunt',
    onYear: 2027,
  });
  if (!taken.ok) throw new Error(taken.reason);
  return taken.snapshot;
}
