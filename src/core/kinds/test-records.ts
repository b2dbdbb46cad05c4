import { type AnyRecord, KINDS, type RecordKind } from '.';

/** A moment of the demo's visits. */
export const TEST_AT = '2027-02-10T09:00:00Z';
let serial = 0;

/** A record of a kind as it would be stored, for tests: what is not said takes its default, the moment that of the visit. */
export const recordOf = (kind: RecordKind, body: object): AnyRecord =>
  ({
    id: `01890000-0000-7000-8000-${String(++serial).padStart(12, '0')}`,
    kind,
    version: 1,
    body: KINDS[kind].schema.parse(kind === 'car' ? body : { at: TEST_AT, ...body }),
  }) as AnyRecord;
