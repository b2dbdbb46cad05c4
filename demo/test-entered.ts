import { type AnyRecord, KINDS } from '@/core/kinds';
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
