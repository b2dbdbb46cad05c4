import { planOf } from '../body/plan';
import { STYLES } from '../body/styles';
import { type FunctionState, DEFAULT_FUNCTIONS as T } from '../catalogue/functions';
import { DEFAULT_TABLES } from '../grade/all-tables';
import { cautionsOf, judge, lossesOf } from '../judge/judge';
import type { AnyRecord } from '../kinds';
import { triedSchema } from '../kinds/tried';
import { functionsOf, isAsked, isSlow } from './list';

const plan = planOf('saloon4')!;
const AT = '2027-02-10T09:00:00Z';
let serial = 0;
const record = (kind: string, body: object) =>
  ({ id: `01890000-0000-7000-8000-${String(++serial).padStart(12, '0')}`, kind, version: 1, body }) as AnyRecord;
const tried = (id: string, state: FunctionState, more: object = {}) => {
  const line = functionsOf(plan, [], null, T).find((l) => l.id === id)!;
  return record('tried', triedSchema.parse({ function: id, zone: line.zone, state, at: AT, ...more }));
};
const judged = (...records: AnyRecord[]) => judge({ plan, records, tables: DEFAULT_TABLES });
const lost = (zone: string, ...records: AnyRecord[]) =>
  lossesOf(judged(...records))
    .filter((l) => l.zone === zone && l.aspect === 'function' && l.finding === undefined)
    .map((l) => l.share);

it.each(STYLES.map((s) => s.slug))('lists what should work on a %s, each once, at a place that it has', (slug) => {
  const own = planOf(slug)!;
  const lines = functionsOf(own, [], null, T);
  expect(new Set(lines.map((l) => l.id)).size).toBe(lines.length);
  for (const l of lines) expect(own.zones.has(l.zone)).toBe(true);
  expect(lines.some((l) => l.id === 'horn')).toBe(true);
  expect(lines.some((l) => l.id === 'top')).toBe(slug === 'convertible');
});

it('tells sided ones by side and end, with the slugs of the open format', () => {
  const ids = functionsOf(plan, [], null, T).map((l) => l.id);
  expect(ids).toEqual(
    expect.arrayContaining(['window.left.front', 'window.right.rear', 'lock.left.rear', 'mirror.right.front']),
  );
  const two = functionsOf(planOf('fastback')!, [], null, T).map((l) => l.id);
  expect(two.filter((i) => i.startsWith('door.inside'))).toEqual(['door.inside.left.front', 'door.inside.right.front']);
});

it('asks for what not every car has once something was said of it', () => {
  const of = (...records: AnyRecord[]) =>
    functionsOf(plan, records, null, T)
      .filter(isAsked)
      .map((l) => l.id);
  expect(of()).not.toContain('air-conditioning');
  expect(of(tried('air-conditioning', 'dead'))).toContain('air-conditioning');
  expect(
    functionsOf(plan, [], { fitted: { vinylRoof: false, sunroof: false, skirts: false } }, T).some(
      (l) => l.id === 'sunroof',
    ),
  ).toBe(false);
});

it('tells what was said to work and found otherwise, by the whole name of the thing', () => {
  const found = record('finding', {
    zone: 'dash',
    flaw: 'works-poorly',
    where: 'heater fan, lowest speed',
    withheld: null,
  });
  const { functions: j } = judged(tried('heater.fan', 'works'), tried('heater.control', 'works'), found);
  expect(j.otherwise.map((o) => [o.line.id, o.finding.id])).toEqual([['heater.fan', found.id]]);
  expect(judged(tried('heater.fan', 'poor'), found).functions.otherwise).toEqual([]);
});

it('relies on nothing that driving depends on because of a tick, where a finding says that it is dead', () => {
  const dead = record('finding', { zone: 'dash', flaw: 'inoperative', where: 'wipers and their park', withheld: null });
  const wipers = functionsOf(plan, [], null, T).find((l) => l.of.name === 'wipers and their park')!;
  const j = judged(tried(wipers.id, 'works'), { ...dead, body: { ...dead.body, zone: wipers.zone } } as AnyRecord);
  expect(j.functions.dead.map((l) => l.id)).toEqual([wipers.id]);
  expect(wipers.of.safety).toBe(true);
  expect(cautionsOf(j)).toContain('safety-function-dead');
});

it('costs by state and by what the thing is, and nothing for what works, is not fitted or was not tried', () => {
  const clock = T.functions.clock!.share;
  expect(lost('dash', tried('clock', 'dead'))).toEqual([clock]);
  expect(lost('dash', tried('clock', 'poor'))[0]).toBeCloseTo(clock * T.states.poor, 9);
  expect(lost('dash', tried('clock', 'disconnected'))[0]).toBeCloseTo(clock * T.states.disconnected, 9);
  for (const state of ['works', 'absent'] as const) expect(lost('dash', tried('clock', state))).toEqual([]);
  expect(lost('dash', tried('clock', 'untried', { why: 'no-power' }))).toEqual([]);
});

it('takes a slow one for one that works poorly', () => {
  const slow = tried('window.left.front', 'works', { seconds: 12 });
  const quick = tried('window.left.front', 'works', { seconds: 4 });
  const line = (r: AnyRecord) => functionsOf(plan, [r], null, T).find((l) => l.id === 'window.left.front')!;
  expect([isSlow(line(slow)), isSlow(line(quick)), isSlow(line(tried('window.left.front', 'works')))]).toEqual([
    true,
    false,
    null,
  ]);
  expect(lost('glass.left.front', slow)[0]).toBeGreaterThan(0);
  expect(lost('glass.left.front', quick)).toEqual([]);
});

it('counts a thing once where a finding says the same, and both where it says another', () => {
  const finding = (where: string) =>
    record('finding', { zone: 'dash', flaw: 'inoperative', count: 1, sizeMm: null, share: null, where });
  expect(lost('dash', tried('clock', 'dead'), finding('clock'))).toEqual([]);
  expect(lost('dash', tried('clock', 'dead'), finding('radio'))).toHaveLength(1);
});

it('warns of the road where something fails that driving depends on', () => {
  expect(cautionsOf(judged(tried('lamp.brake', 'dead')))).toContain('safety-function-dead');
  expect(cautionsOf(judged(tried('clock', 'dead')))).not.toContain('safety-function-dead');
});

it('makes the place seen, but not clean: one thing that works does not say that all does', () => {
  const cell = judged(tried('clock', 'works')).coverage.cells.find(
    (c) => c.zone.slug === 'dash' && c.aspect === 'function',
  )!;
  expect([cell.status, cell.looked]).toEqual(['measured', false]);
  const untried = judged(tried('clock', 'untried', { why: 'no-power' })).coverage.cells.find(
    (c) => c.zone.slug === 'dash' && c.aspect === 'function',
  )!;
  expect(untried.status).toBe('unseen');
});

it('refuses a thing not tried without a reason', () => {
  expect(triedSchema.safeParse({ function: 'clock', state: 'untried', at: AT }).success).toBe(false);
});
