import fc from 'fast-check';
import type { AnyRecord } from '../kinds';
import { readBundle, writeBundle } from './bundle';

const id = (n: number) => `01890000-0000-7000-8000-${String(n).padStart(12, '0')}`;
const AT = '2027-02-10T09:00:00Z';
const lot = { id: id(900), number: 7, title: 'Ormelle Vireo', sale: 'The Tramshed Dispersal' };
const inspection = { id: id(901), revision: 2, state: 'draft' as const };

const reading = fc.integer({ min: 40, max: 490 }).map((um) => ({
  kind: 'reading',
  body: {
    zone: 'hood',
    state: 'read',
    thicknessUm: um,
    typed: { text: String(um), unit: 'um' },
    place: null,
    visit: null,
    confirmed: false,
    origin: 'car',
    note: '',
    at: AT,
  },
}));
const look = fc.constantFrom('roof', 'hood', 'deck').map((zone) => ({
  kind: 'look',
  body: { zone, aspect: 'paint', outcome: 'clean', why: null, note: '', at: AT },
}));
const claim = fc.string({ minLength: 1, maxLength: 60 }).map((text) => ({
  kind: 'claim',
  body: { kind: 'other', text: `x${text}`.trim(), source: 'Harald Voss', saidAt: AT },
}));
const records = fc
  .array(fc.oneof(reading, look, claim), { maxLength: 30 })
  .map((rows) => rows.map((r, i) => ({ ...r, id: id(i + 1), version: (i % 5) + 1 })) as AnyRecord[]);

it('gives back what it was given, through text', () => {
  fc.assert(
    fc.property(records, (given) => {
      const read = readBundle(JSON.parse(JSON.stringify(writeBundle(lot, inspection, given))));
      if (!read.ok) return false;
      const sorted = (list: readonly AnyRecord[]) => [...list].sort((a, b) => (a.id < b.id ? -1 : 1));
      expect(sorted(read.records)).toEqual(sorted(given));
      return true;
    }),
    { seed: 31, numRuns: 60 },
  );
});

it('writes equal records as equal text, whatever their order', () => {
  fc.assert(
    fc.property(
      records,
      (given) =>
        JSON.stringify(writeBundle(lot, inspection, given)) ===
        JSON.stringify(writeBundle(lot, inspection, [...given].reverse())),
    ),
    { seed: 32, numRuns: 40 },
  );
});

it('lists each picture once', () => {
  const sha256 = 'c'.repeat(64);
  const photo = (n: number) =>
    ({
      id: id(n),
      kind: 'photo',
      version: 1,
      body: {
        sha256,
        name: `p${n}.jpg`,
        type: 'image/jpeg',
        bytes: 9,
        widthPx: 4,
        heightPx: 3,
        takenAt: null,
        zone: null,
        finding: null,
        caption: '',
        drawn: true,
      },
    }) as AnyRecord;
  expect(writeBundle(lot, inspection, [photo(1), photo(2)]).photos).toHaveLength(1);
});

it('never throws on anything', () => {
  fc.assert(
    fc.property(fc.anything(), (input) => {
      const read = readBundle(input);
      return read.ok || read.problems.length > 0;
    }),
    { seed: 33, numRuns: 200 },
  );
});
