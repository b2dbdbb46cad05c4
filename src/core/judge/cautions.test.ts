import { planOf } from '../body/plan';
import { DEFAULT_TABLES } from '../grade/all-tables';
import type { AnyRecord } from '../kinds';
import { carSchema } from '../kinds/car';
import { cautionsOf as cautionsIn, judge } from './judge';

const plan = planOf('fastback')!;
const cautionsOf = (records: readonly AnyRecord[]) => cautionsIn(judge({ plan, records, tables: DEFAULT_TABLES }));
let n = 0;
const record = (kind: string, body: object) =>
  ({ id: `01890000-0000-7000-8000-${String(++n).padStart(12, '0')}`, kind, version: 1, body }) as AnyRecord;
const car = (extra: object = {}) =>
  record(
    'car',
    carSchema.parse({
      make: 'Quillon',
      model: 'Halyard',
      year: 1967,
      style: 'fastback',
      leave: { drive: 'yes' },
      ...extra,
    }),
  );
const finding = (zone: string, flaw: string) =>
  record('finding', { zone, flaw, count: 1, sizeMm: null, share: null, touchedIn: false, where: '', place: null });

it('always defers to local law', () => {
  expect(cautionsOf([])).toContain('local-law');
  expect(cautionsOf([car()]).at(-1)).toBe('local-law');
});

it('says that a car was not driven unless the owner gave leave', () => {
  expect(cautionsOf([car()])).not.toContain('not-driven');
  expect(cautionsOf([car({ leave: { drive: 'no' } })])).toContain('not-driven');
  expect(cautionsOf([car({ leave: {} })])).toContain('not-driven');
  expect(cautionsOf([])).toContain('not-driven');
});

it.each([
  'rail.left.front',
  'floor.right.rear',
  'rocker.left',
  'pillar.left.a',
  'crossmember.rear',
  'apron.right',
  'bulkhead',
  'tunnel',
])('warns of structural loss in a load path: %s', (zone) => {
  const list = cautionsOf([car(), finding(zone, 'structural-loss')]);
  expect(list.slice(0, 2)).toEqual(['structural-loss-belts-steering', 'structure-do-not-lift']);
  expect(list).toContain('not-driven');
});

it('does not speak of belts and steering for structural loss elsewhere', () => {
  const list = cautionsOf([car(), finding('trunk.well', 'structural-loss')]);
  expect(list).not.toContain('structural-loss-belts-steering');
  expect(list).toContain('structure-do-not-lift');
});

it('warns of over-age tyres and leaking fuel', () => {
  expect(cautionsOf([car(), finding('wheel.left.rear', 'tire-aged')])).toContain('tire-over-age');
  expect(cautionsOf([car(), finding('tank', 'leak-drips')])).toContain('fuel-leak');
  expect(cautionsOf([car(), finding('engine', 'leak-drips')])).not.toContain('fuel-leak');
});

it('reminds of lead and asbestos on old cars, and where the year is not known', () => {
  for (const year of [1938, 1967, 1979, null])
    expect(cautionsOf([car({ year })])).toEqual(expect.arrayContaining(['old-paint-lead', 'brake-dust-asbestos']));
  expect(cautionsOf([car({ year: 1991 })])).not.toContain('old-paint-lead');
});

it('says where a gauge cannot read', () => {
  expect(cautionsOf([car({ baseMetal: 'glass-fibre' })])).toContain('gauge-cannot-read');
  expect(cautionsOf([car({ baseMetal: 'aluminium' })])).not.toContain('gauge-cannot-read');
});

it('names nothing twice', () => {
  const list = cautionsOf([
    car({ leave: { drive: 'no' } }),
    finding('rail.left.front', 'structural-loss'),
    finding('rail.right.front', 'structural-loss'),
  ]);
  expect(new Set(list).size).toBe(list.length);
});
