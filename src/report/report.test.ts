import { planOf } from '@/core/body/plan';
import { DEFAULT_TABLES } from '@/core/grade/all-tables';
import { cautionsOf, judge, missingFrom } from '@/core/judge/judge';
import type { AnyRecord } from '@/core/kinds';
import { type Bundle, readBundle, writeBundle } from '@/core/records/bundle';
import { canonicalText, publicKeyOf, sha256Hex } from '@/core/seal/seal';
import { sealSnapshot, verifyReport } from './sealed-report';
import { takeSnapshot } from './snapshot';

const SECRET = '9d61b19deffd5a60ba844af492ec2cc44449c5697b326919703bac031cae7f60';
const AT = '2027-02-10T09:00:00Z';
const id = (n: number) => `01890000-0000-7000-8000-${String(n).padStart(12, '0')}`;
const car = { make: 'Quillon', model: 'Halyard', year: 1967, style: 'fastback' };
const finding = (zone: string, flaw: string, extra = {}) => ({ zone, flaw, at: AT, ...extra });
const photo = (sha: string, extra = {}) => ({
  sha256: sha,
  name: 'a.jpg',
  type: 'image/jpeg',
  bytes: 10,
  widthPx: 4,
  heightPx: 3,
  ...extra,
});

function bundleOf(records: Record<string, [number, object][]>, photos: string[] = []): Bundle {
  const grouped = Object.fromEntries(
    Object.entries(records).map(([kind, rows]) => [kind, rows.map(([n, body]) => ({ id: id(n), version: 1, body }))]),
  );
  return {
    format: 'farvin.bundle',
    version: 1,
    lot: { id: id(900), number: 1, title: 'Quillon Halyard', sale: 'The Tramshed Dispersal' },
    inspection: { id: id(901), revision: 1, state: 'draft' },
    records: grouped,
    photos: photos.map((sha256) => ({ sha256, name: 'a.jpg', type: 'image/jpeg', bytes: 10 })),
  } as Bundle;
}
const snapshotOf = (bundle: Bundle) =>
  takeSnapshot({
    bundle,
    sale: { name: 'The Tramshed Dispersal', closesOn: '2027-03-04' },
    sealedAt: AT,
    sealedBy: 'Petra Quayle-Lunt',
    onYear: 2027,
  });

describe('bundle', () => {
  it('writes what it read', () => {
    const bundle = bundleOf({
      car: [[1, car]],
      look: [[2, { zone: 'hood', aspect: 'paint', outcome: 'clean', at: AT }]],
    });
    const read = readBundle(bundle);
    if (!read.ok) throw new Error(JSON.stringify(read.problems));
    const again = readBundle(writeBundle(bundle.lot, bundle.inspection, read.records));
    expect(again.ok && again.records).toEqual(read.records);
  });

  it.each([
    ['a newer version', { ...bundleOf({}), version: 99 }, 'version'],
    [
      'a doubled id',
      bundleOf({
        claim: [
          [5, { kind: 'other', text: 'x', source: 's', saidAt: AT }],
          [5, { kind: 'other', text: 'x', source: 's', saidAt: AT }],
        ],
      }),
      'records.claim.1.id',
    ],
    [
      'a zone the car has not',
      bundleOf({ car: [[1, car]], finding: [[2, finding('bed.left', 'chip')]] }),
      'records.finding.0.body.zone',
    ],
    [
      'a flaw nobody knows',
      bundleOf({ car: [[1, car]], finding: [[2, finding('hood', 'hex')]] }),
      'records.finding.0.body.flaw',
    ],
    [
      'a picture not listed',
      bundleOf({ car: [[1, car]], photo: [[2, photo('a'.repeat(64))]] }),
      'records.photo.0.body.sha256',
    ],
    ['nonsense', 7, ''],
  ])('refuses %s and says where', (_what, bundle, path) => {
    const read = readBundle(bundle);
    expect(read.ok).toBe(false);
    if (!read.ok) expect(read.problems[0]!.path).toBe(path);
  });
});

describe('seal', () => {
  it('derives the key of RFC 8032 test 1', async () => {
    expect(await publicKeyOf(SECRET)).toBe('d75a980182b10ab7d54bfed3c964073a0ee172f3daa62325af021a68f707511a');
  });

  it('hashes the empty text and "abc" as FIPS 180-4 says', () => {
    expect(sha256Hex('')).toBe('e3b0c44298fc1c149afbf4c8996fb92427ae41e4649b934ca495991b7852b855');
    expect(sha256Hex('abc')).toBe('ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad');
  });

  it('writes canonical text as RFC 8785 shows', () => {
    expect(canonicalText({ b: 2, a: [1e21, 0.002, '€'] })).toBe('{"a":[1e+21,0.002,"€"],"b":2}');
  });

  const sealed = async () => {
    const taken = snapshotOf(bundleOf({ car: [[1, car]], finding: [[2, finding('hood', 'chip')]] }));
    if (!taken.ok) throw new Error(taken.reason);
    return sealSnapshot(taken.snapshot, SECRET);
  };

  it('verifies what it sealed, also after a trip through text', async () => {
    const file = await sealed();
    expect(await verifyReport(JSON.parse(JSON.stringify(file)))).toMatchObject({ ok: true, sha256: file.sha256 });
  });

  it('notices a changed figure, a changed signature and another key', async () => {
    const file = await sealed();
    expect(await verifyReport({ ...file, snapshot: { ...file.snapshot, onYear: 2030 } })).toEqual({
      ok: false,
      reason: 'hash-differs',
    });
    const flipped = (file.signature[0] === '0' ? '1' : '0') + file.signature.slice(1);
    expect(await verifyReport({ ...file, signature: flipped })).toEqual({ ok: false, reason: 'signature-differs' });
    expect(await verifyReport({ ...file, publicKey: '00'.repeat(32) })).toEqual({
      ok: false,
      reason: 'signature-differs',
    });
    expect(await verifyReport({ hello: 1 })).toEqual({ ok: false, reason: 'not-a-report' });
    expect(await verifyReport({ ...file, version: 9 })).toEqual({ ok: false, reason: 'newer-version' });
  });
});

describe('snapshot', () => {
  it('leaves withheld findings and their pictures out, counts them, and grades with them', () => {
    const sha = 'b'.repeat(64);
    const open = snapshotOf(bundleOf({ car: [[1, car]], finding: [[2, finding('hood', 'dent')]] }));
    const withheld = snapshotOf(
      bundleOf(
        {
          car: [[1, car]],
          finding: [[2, finding('hood', 'dent', { withheld: 'withheld by the consignor' })]],
          photo: [[3, photo(sha, { finding: id(2) })]],
        },
        [sha],
      ),
    );
    if (!open.ok || !withheld.ok) throw new Error('refused');
    expect(withheld.snapshot.bundle.records.finding).toEqual([]);
    expect(withheld.snapshot.bundle.photos).toEqual([]);
    expect(withheld.snapshot.results.withheld).toEqual([{ reason: 'withheld by the consignor', count: 1 }]);
    expect(withheld.snapshot.results.axes).toEqual(open.snapshot.results.axes);
  });

  it('lists everything not seen, with the reason where there is one', () => {
    const taken = snapshotOf(
      bundleOf({
        car: [[1, car]],
        look: [
          [2, { zone: 'tank', aspect: 'corrosion', outcome: 'blocked', why: 'no-lift', at: AT }],
          [3, { zone: 'roof', aspect: 'paint', outcome: 'clean', at: AT }],
        ],
      }),
    );
    if (!taken.ok) throw new Error('refused');
    const rows = taken.snapshot.results.notSeen;
    expect(rows.find((r) => r.zone === 'tank')).toEqual({ zone: 'tank', aspects: ['corrosion'], why: 'no-lift' });
    expect(rows.find((r) => r.zone === 'roof')!.aspects).toEqual(['shape', 'corrosion']);
  });

  it('refuses an inspection without a car', () => {
    expect(snapshotOf(bundleOf({}))).toEqual({ ok: false, reason: 'no-car' });
  });

  it('gives the same text twice', () => {
    const make = () => snapshotOf(bundleOf({ car: [[1, car]], finding: [[2, finding('hood', 'chip')]] }));
    expect(canonicalText(make())).toBe(canonicalText(make()));
  });
});

describe('cautions and what is missing', () => {
  const records = (bundle: Bundle): AnyRecord[] => {
    const read = readBundle(bundle);
    if (!read.ok) throw new Error(JSON.stringify(read.problems));
    return read.records;
  };
  const judged = (list: readonly AnyRecord[]) =>
    judge({ plan: planOf('fastback')!, records: list, tables: DEFAULT_TABLES });

  it('puts structural loss in a load path first', () => {
    const list = cautionsOf(
      judged(records(bundleOf({ car: [[1, car]], finding: [[2, finding('rail.left.front', 'structural-loss')]] }))),
    );
    expect(list.slice(0, 2)).toEqual(['structural-loss-belts-steering', 'structure-do-not-lift']);
    expect(list).toContain('not-driven');
    expect(list).toContain('local-law');
  });

  it('names what a bidder would ask', () => {
    const all = records(
      bundleOf({
        car: [[1, car]],
        finding: [[2, finding('hood', 'chip')]],
        reading: [[3, { zone: 'hood', state: 'read', thicknessUm: 120, typed: { text: '120', unit: 'um' }, at: AT }]],
      }),
    );
    const missing = missingFrom(judged(all), all);
    expect(missing[0]).toMatchObject({ kind: 'no-visit', blocks: true });
    expect(missing.map((m) => m.kind)).toEqual(
      expect.arrayContaining([
        'no-chassis-number',
        'gauge-not-stated',
        'view-unseen',
        'panels-thin',
        'finding-without-photo',
        'no-photos',
        'no-leave',
      ]),
    );
    expect(
      missingFrom(null, [])
        .filter((m) => m.blocks)
        .map((m) => m.kind),
    ).toEqual(['no-car', 'no-visit']);
  });
});
