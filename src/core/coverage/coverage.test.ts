import { planOf } from '../body/plan';
import { AXES, axisOf } from '../catalogue/axes';
import { FLAWS } from '../catalogue/flaws/catalogue';
import type { AnyRecord } from '../kinds';
import { aspectOf, coverageOf } from './coverage';

const plan = planOf('saloon4')!;
let n = 0;
const record = (kind: string, body: object) =>
  ({ id: `01890000-0000-7000-8000-${String(++n).padStart(12, '0')}`, kind, version: 1, body }) as AnyRecord;
const look = (zone: string, aspect: string, outcome: string, at: string) =>
  record('look', { zone, aspect, outcome, why: outcome === 'blocked' ? 'wet' : null, note: '', at });
const finding = (zone: string, flaw: string) =>
  record('finding', {
    zone,
    flaw,
    count: 1,
    sizeMm: null,
    share: null,
    place: null,
    where: '',
    touchedIn: false,
    visibleFromM: null,
  });
const cell = (records: AnyRecord[], zone: string, aspect: string) =>
  coverageOf(plan, records).cells.find((c) => c.zone.slug === zone && c.aspect === aspect)!;

it('begins with everything unseen', () => {
  const { whole, cells, byView } = coverageOf(plan, []);
  expect(whole).toEqual({ seen: 0, blocked: 0, cells: cells.length });
  expect(cells.length).toBe([...plan.zones.values()].reduce((s, z) => s + z.aspects.length, 0));
  expect(Object.values(byView).reduce((s, v) => s + v.cells, 0)).toBe(cells.length);
});

it('counts shares by view, blocked ones as not seen', () => {
  const { byView } = coverageOf(plan, [
    look('tank', 'corrosion', 'blocked', '2027-02-10T09:00:00Z'),
    look('roof', 'paint', 'clean', '2027-02-10T09:00:00Z'),
  ]);
  expect(byView.underneath).toMatchObject({ seen: 0, blocked: 1 });
  expect(byView.outside.seen * byView.outside.cells).toBeCloseTo(1, 9);
});

it('takes the latest look, whatever the order of arrival', () => {
  const [early, late] = [
    look('roof', 'paint', 'clean', '2027-02-10T09:00:00Z'),
    look('roof', 'paint', 'blocked', '2027-02-10T10:00:00Z'),
  ];
  expect(cell([early, late], 'roof', 'paint').status).toBe('blocked');
  expect(cell([late, early], 'roof', 'paint').status).toBe('blocked');
});

it('compares looks as instants, whatever zone their clocks wrote', () => {
  const later = look('roof', 'paint', 'blocked', '2027-02-10T09:00:00Z');
  const earlier = look('roof', 'paint', 'clean', '2027-02-10T10:00:00+02:00');
  expect(cell([later, earlier], 'roof', 'paint').status).toBe('blocked');
  const half = look('roof', 'paint', 'blocked', '2027-02-10T09:00:00.500Z');
  expect(cell([half, look('roof', 'paint', 'clean', '2027-02-10T09:00:00Z')], 'roof', 'paint').status).toBe('blocked');
});

it('counts what was measured as seen, and as nothing more', () => {
  const read = (state: string) =>
    record('reading', { zone: 'roof', state, thicknessUm: state === 'none' ? null : 120 });
  expect(cell([read('read')], 'roof', 'paint').status).toBe('measured');
  expect(cell([read('over')], 'roof', 'paint').status).toBe('measured');
  expect(cell([read('none')], 'roof', 'paint').status).toBe('unseen');
  expect(cell([read('read')], 'roof', 'shape').status).toBe('unseen');
  expect(coverageOf(plan, [read('read')]).byView.outside.seen).toBeGreaterThan(0);
  const gap = record('gap', { seam: 'cowl|hood', stations: [{ sMm: 0, gapMm: 5, flushMm: null, touched: null }] });
  expect(cell([gap], 'hood', 'fit').status).toBe('measured');
  // A look says more than a figure, but for one that could not be had where a figure was.
  expect(cell([read('read'), look('roof', 'paint', 'clean', '2027-02-10T09:00:00Z')], 'roof', 'paint').status).toBe(
    'clean',
  );
  expect(cell([read('read'), look('roof', 'paint', 'blocked', '2027-02-10T09:00:00Z')], 'roof', 'paint').status).toBe(
    'measured',
  );
});

it('makes nothing seen by what stands in own words', () => {
  const own = record('finding', { ...finding('roof', 'own-words').body, note: 'smells of mice' });
  expect(coverageOf(plan, [own]).whole.seen).toBe(0);
});

it('puts a finding under the aspect of its flaw that the zone has', () => {
  expect(aspectOf('blister', plan.zones.get('hood')!)).toBe('paint');
  expect(aspectOf('blister', plan.zones.get('tank')!)).toBe('corrosion');
  expect(aspectOf('missing', plan.zones.get('lamp.left.head')!)).toBe('glass');
  expect(cell([finding('tank', 'blister')], 'tank', 'corrosion').status).toBe('findings');
});

it('adds a cell for a finding where nobody expected one', () => {
  // A dent in a radiator: the zone has no shape to look at, but what is found is found.
  expect(cell([finding('radiator', 'dent')], 'radiator', 'shape').findings).toHaveLength(1);
});

it('forgets findings at places that the present plan does not have', () => {
  expect(coverageOf(plan, [finding('bed.left', 'dent')]).cells.every((c) => c.findings.length === 0)).toBe(true);
});

it('gives every cell an axis, and every axis a cell', () => {
  const axes = new Set(coverageOf(plan, []).cells.map(axisOf));
  expect([...axes].sort()).toEqual([...AXES].sort());
  for (const f of FLAWS)
    for (const zone of plan.zones.values()) {
      const aspect = aspectOf(f.id, zone);
      if (aspect === null) expect(f.id).toBe('own-words');
      else expect(AXES).toContain(axisOf({ zone, aspect }));
    }
});
