import type { Bundle } from '@/core/records/bundle';
import { type PublishedKeys, standingOfKey } from '@/core/seal/known-keys';
import { canonicalText, sha256Hex } from '@/core/seal/seal';
import { COMPUTED_BY } from './computed-by';
import { readSnapshot } from './read-snapshot';
import { recomputeReport } from './recompute';
import { sealSnapshot, verifyReport } from './sealed-report';
import { type Snapshot, takeSnapshot } from './snapshot';

const AT = '2027-02-10T09:00:00Z';
const id = (n: number) => `01890000-0000-7000-8000-${String(n).padStart(12, '0')}`;
const row = (n: number, body: object) => ({ id: id(n), version: 1, body });
const reading = (um: number) => ({
  zone: 'hood',
  state: 'read',
  thicknessUm: um,
  typed: { text: String(um), unit: 'um' },
  at: AT,
});
const car = { make: 'Quillon', model: 'Halyard', year: 1967, style: 'fastback', keptIn: 'Back Lane 7' };

function snapshotOf(findings: object[], more: Partial<Parameters<typeof takeSnapshot>[0]> = {}): Snapshot {
  const bundle = {
    format: 'farvin.bundle',
    version: 1,
    lot: { id: id(900), number: 1, title: 'Quillon Halyard', sale: 'The Tramshed Dispersal' },
    inspection: { id: id(901), revision: 1, state: 'sealed' },
    records: {
      car: [row(1, car)],
      visit: [row(2, { startedAt: AT, place: 'Back Lane 9' })],
      reading: [118, 121, 124, 119].map((um, i) => row(10 + i, reading(um))),
      finding: findings.map((f, i) => row(30 + i, f)),
    },
    photos: [],
  } as unknown as Bundle;
  const taken = takeSnapshot({
    bundle,
    sale: { name: 'The Tramshed Dispersal', closesOn: '2027-03-04' },
    sealedAt: AT,
    sealedBy: 'Petra Quayle-Lunt',
    onYear: 2027,
    ...more,
  });
  if (!taken.ok) throw new Error(taken.reason);
  return taken.snapshot;
}
const RUST = { zone: 'rocker.left', flaw: 'perforated', share: 0.2, at: AT };
const DENT = { zone: 'door.left.front', flaw: 'dent', at: AT };
const opened = (snapshot: unknown) => {
  const read = readSnapshot(JSON.parse(JSON.stringify(snapshot)));
  if (!read) throw new Error('not a snapshot');
  return read;
};

it('finds the sealed figures again', () => {
  expect(recomputeReport(opened(snapshotOf([RUST, DENT])))).toEqual({ recomputed: 'same' });
});

it('says which figures of a forged report do not follow from its records, also under a good signature', async () => {
  const honest = snapshotOf([RUST, DENT]);
  // Findings out, grade up, sealed with a key of one's own.
  const forged = JSON.parse(JSON.stringify(honest)) as Snapshot;
  forged.bundle.records.finding = [];
  forged.results.gates = [];
  forged.results.whole = forged.results.whole.map((w) => ({
    ...w,
    grade: { ...w.grade, low: 97, value: 98, high: 99 },
  }));
  const file = await sealSnapshot(forged, '11'.repeat(32));
  const verdict = await verifyReport(JSON.parse(JSON.stringify(file)));
  if (!verdict.ok) throw new Error(verdict.reason);
  const found = recomputeReport(verdict);
  expect(found).toMatchObject({ recomputed: 'differs' });
  expect('differs' in found && found.differs.join(' ')).toMatch(/whole\.0\.grade\.value/);
  // The findings alone taken out, with the figures left: that differs too.
  const emptied = { ...honest, bundle: { ...honest.bundle, records: { ...honest.bundle.records, finding: [] } } };
  expect(recomputeReport(opened(emptied))).toMatchObject({ recomputed: 'differs' });
});

it.each([
  ['withheld', () => snapshotOf([RUST, { ...DENT, withheld: 'consignor' }])],
  [
    'unreadable',
    () => ({ ...snapshotOf([RUST]), results: { ...snapshotOf([RUST]).results, axes: [{ axis: 'luck' }] } }),
  ],
  ['tables', () => ({ ...snapshotOf([RUST]), tables: { grade: { bands: [] }, profiles: [] } })],
  [
    'other-computation',
    () => {
      const s = snapshotOf([RUST]);
      return { ...s, computedBy: COMPUTED_BY + 1, results: { ...s.results, presentsCleanFromM: 77 } };
    },
  ],
])('does not say what it cannot: %s', (why, make) => {
  expect(recomputeReport(opened(make()))).toEqual({ recomputed: 'not-possible', why });
});

it('computes what it computed when this number was set: raise COMPUTED_BY with every change of a formula', () => {
  const { results } = snapshotOf([RUST, DENT]);
  expect([COMPUTED_BY, sha256Hex(canonicalText(results)).slice(0, 16)]).toEqual([8, '3e8eedf5c8356876']);
});

it('leaves places out unless the house publishes them', () => {
  const told = (s: Snapshot) => JSON.stringify(s.bundle.records).match(/Back Lane \d/g);
  expect(told(snapshotOf([DENT]))).toBeNull();
  expect(told(snapshotOf([DENT], { publishPlaces: true }))).toEqual(['Back Lane 7', 'Back Lane 9']);
});

describe('a key', () => {
  const keys: PublishedKeys = {
    format: 'farvin.keys',
    version: 1,
    organisation: { id: id(1), name: 'Tramshed Dispersal Office' },
    keys: [
      {
        id: id(2),
        publicKey: 'a'.repeat(64),
        validFrom: '2027-01-01T00:00:00Z',
        validTo: '2027-06-01T00:00:00Z',
        revokedAt: null,
        revokedFrom: null,
        revokedWhy: '',
      },
      {
        id: id(3),
        publicKey: 'b'.repeat(64),
        validFrom: '2027-01-01T00:00:00Z',
        validTo: null,
        revokedAt: '2027-03-01T00:00:00Z',
        revokedFrom: '2027-02-01T00:00:00Z',
        revokedWhy: 'a laptop was stolen',
      },
    ],
  };
  it.each([
    ['a', AT, 'known'],
    ['a', '2026-12-31T00:00:00Z', 'not-valid-then'],
    ['a', '2027-07-01T00:00:00Z', 'not-valid-then'],
    ['b', '2027-01-15T00:00:00Z', 'known'],
    ['b', AT, 'revoked'],
    ['c', AT, 'not-listed'],
  ])('%s… at %s is %s', (letter, at, expected) => {
    const standing = standingOfKey(keys, letter.repeat(64), at);
    expect('why' in standing ? standing.why : standing.key).toBe(expected);
  });
});
