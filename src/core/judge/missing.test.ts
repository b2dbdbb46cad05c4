import { planOf } from '../body/plan';
import { DEFAULT_TABLES } from '../grade/all-tables';
import type { AnyRecord, RecordKind } from '../kinds';
import { KINDS } from '../kinds';
import { judge, missingFrom } from './judge';

const AT = '2027-02-10T09:00:00Z';
const plan = planOf('fastback')!;
let made = 0;
const record = (kind: RecordKind, body: object): AnyRecord => {
  const id = `01890000-0000-7000-8000-${String(++made).padStart(12, '0')}`;
  return { id, kind, version: 1, body: KINDS[kind].schema.parse(body) } as AnyRecord;
};
const leave = { press: 'yes', liftCarpet: 'no', removeTrim: 'no', drive: 'no' };
const car = (extra = {}) =>
  record('car', { make: 'Quillon', model: 'Halyard', year: 1967, style: 'fastback', ...extra });
const checks = [
  { when: 'start', zeroUm: 0, foilUm: 125, foilReadUm: 125 },
  { when: 'end', zeroUm: 0, foilUm: 125, foilReadUm: 125 },
];
const gauge = (extra = {}) => ({ name: 'Tallow 3', ceilingUm: 500, checks, ...extra });
const visit = (extra = {}) => record('visit', { startedAt: AT, temperatureC: 15, gauge: gauge(), ...extra });
const reading = (um: number, extra = {}) =>
  record('reading', {
    zone: 'hood',
    state: 'read',
    thicknessUm: um,
    typed: { text: `${um}`, unit: 'um' },
    at: AT,
    ...extra,
  });
const kinds = (records: readonly AnyRecord[]) => {
  return missingFrom(judge({ plan, records, tables: DEFAULT_TABLES }), records).map((m) => m.kind);
};

it('is content with what was read and asked', () => {
  const found = kinds([car({ chassisNumber: 'QH67-00412', leave }), visit(), reading(120)]);
  for (const kind of ['no-car', 'no-visit', 'no-chassis-number', 'no-leave', 'gauge-not-stated', 'no-temperature'])
    expect(found).not.toContain(kind);
});

it('asks for the gauge only once there are readings', () => {
  expect(kinds([car(), visit({ gauge: null })])).not.toContain('gauge-not-stated');
  expect(kinds([car(), visit({ gauge: null }), reading(120)])).toContain('gauge-not-stated');
});

it.each([
  ['a gauge never put on a foil', { gauge: gauge({ checks: [] }) }, 'gauge-not-checked'],
  ['a visit without a temperature', { temperatureC: null }, 'no-temperature'],
  [
    'a gauge that moved between its checks',
    { gauge: gauge({ checks: [checks[0], { when: 'end', zeroUm: 0, foilUm: 125, foilReadUm: 140 }] }) },
    'gauge-drifted',
  ],
] as const)('tells %s', (_what, extra, kind) => {
  expect(kinds([car(), visit(extra), reading(120)])).toContain(kind);
  expect(kinds([car(), visit(), reading(120)])).not.toContain(kind);
});

it('does not let a report out with readings of the stand-in, and puts that first', () => {
  const records = [
    car(),
    visit(),
    reading(120),
    reading(130, { origin: 'practice' }),
    reading(131, { origin: 'practice', note: 'taken while learning' }),
  ];
  expect(missingFrom(judge({ plan, records, tables: DEFAULT_TABLES }), records)[0]).toEqual({
    kind: 'practice-readings',
    blocks: true,
    detail: '',
    count: 2,
  });
});

it('does not let a report out with readings of no stated gauge', () => {
  const open = [car(), visit({ gauge: null }), reading(120), reading(121)];
  const asked = (records: AnyRecord[]) => {
    return missingFrom(judge({ plan, records, tables: DEFAULT_TABLES }), records).find(
      (m) => m.kind === 'gauge-not-stated',
    );
  };
  expect(asked(open)).toEqual({ kind: 'gauge-not-stated', blocks: true, detail: '', count: 2 });
  expect(asked([car(), visit(), reading(120)])).toBeUndefined();
  // Another visit's gauge is not the one of these.
  const [bare, stated] = [visit({ gauge: null }), visit()];
  expect(
    asked([car(), bare, stated, reading(120, { visit: bare.id }), reading(121, { visit: stated.id })])?.count,
  ).toBe(1);
});

it('counts a finding as pictured by a photo of it or by a photo it names', () => {
  const finding = record('finding', { zone: 'hood', flaw: 'chip', at: AT });
  const photo = (extra = {}) =>
    record('photo', {
      sha256: 'a'.repeat(64),
      name: 'a.jpg',
      type: 'image/jpeg',
      bytes: 10,
      widthPx: 4,
      heightPx: 3,
      ...extra,
    });
  expect(kinds([car(), finding])).toContain('finding-without-photo');
  expect(kinds([car(), finding, photo()])).toContain('finding-without-photo');
  expect(kinds([car(), finding, photo({ finding: finding.id })])).not.toContain('finding-without-photo');
  expect(kinds([car(), finding, photo({ finding: finding.id })])).toContain('finding-without-overview');
  const overview = photo({ zone: 'hood' });
  expect(kinds([car(), finding, photo({ finding: finding.id }), overview])).not.toContain('finding-without-overview');
  expect(kinds([car(), finding, photo()])).not.toContain('no-photos');
  expect(kinds([car(), finding])).toContain('no-photos');
});

it('asks for more readings only where a gauge can read and the panel is large enough', () => {
  const all = (extra = {}) => {
    const records = [car(extra), visit(), ...Array.from({ length: 9 }, (_, i) => reading(118 + i))];
    return missingFrom(judge({ plan, records, tables: DEFAULT_TABLES }), records).find((m) => m.kind === 'panels-thin');
  };
  const thin = all()!;
  expect(thin.detail).not.toBe('hood');
  expect(thin.count).toBeGreaterThan(8);
  const fibre = planOf('fastback', { baseMetal: 'glass-fibre' });
  const records = [car({ baseMetal: 'glass-fibre' }), visit(), reading(120)];
  const found = missingFrom(judge({ plan: fibre!, records, tables: DEFAULT_TABLES }), records);
  expect(found.some((m) => m.kind === 'panels-thin')).toBe(false);
});
