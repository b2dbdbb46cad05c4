import { madeLog, SOUND_ENGINE } from '@/instruments/running-engine';
import { planOf } from '../body/plan';
import { GATE_ASKS } from '../catalogue/run-words';
import { DEFAULT_TABLES } from '../grade/all-tables';
import { cautionsOf, judge, lossesOf, missingFrom } from '../judge/judge';
import type { AnyRecord } from '../kinds';
import { fluidSchema } from '../kinds/fluid';
import { logSchema } from '../kinds/log';
import { roadSchema } from '../kinds/road';
import { startSchema } from '../kinds/start';
import { wetSchema } from '../kinds/wet';
import { smokeMeans } from './start';

const plan = planOf('saloon4')!;
const AT = '2027-02-10T09:00:00Z';
let serial = 0;
const record = (kind: string, body: object) =>
  ({ id: `01890000-0000-7000-8000-${String(++serial).padStart(12, '0')}`, kind, version: 1, body }) as AnyRecord;
const car = (drive = 'yes', make = 'Quillon') =>
  record('car', { make, model: '', style: 'saloon4', chassisNumber: 'x', leave: { drive } });
const start = (more: object = {}) => record('start', startSchema.parse({ at: AT, turnedAt: AT, ...more }));
const road = (more: object = {}) => record('road', roadSchema.parse({ at: AT, ...more }));
const fluid = (f: string, more: object) => record('fluid', fluidSchema.parse({ fluid: f, at: AT, ...more }));
const wet = (place: string, amount: string, f: string | null = null) =>
  record('wet', wetSchema.parse({ place, amount, fluid: f, at: AT }));
const judged = (...records: AnyRecord[]) => judge({ plan, records: [car(), ...records], tables: DEFAULT_TABLES });
const engine = (...records: AnyRecord[]) =>
  lossesOf(judged(...records))
    .filter((l) => l.zone === 'engine' && l.aspect === 'function')
    .reduce((s, l) => s + l.share, 0);

describe('smoke', () => {
  it.each([
    ['blue', 'stays', 'oil'],
    ['black', null, 'rich'],
    ['white', 'stays', 'coolant'],
    ['white', 'fades', 'condensation'],
    ['white', 'puff', 'condensation'],
    ['white', null, 'open'],
    ['none', null, 'nothing'],
  ] as const)('%s that %s is %s', (colour, course, means) => expect(smokeMeans(colour, course)).toBe(means));
});

describe('a start', () => {
  it('that is cold and missed says what cannot be had again', () => {
    expect(judged(start({ cranks: 'strong', catches: 'at-once' })).running.starts.missed).toEqual([
      'hand',
      'floor',
      'smoke',
    ]);
    const whole = start({
      cold: 'cold',
      floor: 'dry',
      cranks: 'strong',
      catches: 'at-once',
      smoke: [{ colour: 'none' }],
    });
    expect(judged(whole).running.starts.missed).toEqual([]);
    // Before the first turn nothing is missed yet, and a hot one misses nothing of a cold one.
    expect(judged(start({ turnedAt: null })).running.starts.missed).toEqual([]);
    expect(judged(start({ hot: true })).running.starts.missed).toEqual([]);
  });
  it('that cranked slowly twice asks for a test of battery and charging; once does not', () => {
    expect(cautionsOf(judged(start({ cranks: 'slow' })))).not.toContain('battery-tired');
    expect(cautionsOf(judged(start({ cranks: 'slow' }), start({ cranks: 'slow', hot: true })))).toContain(
      'battery-tired',
    );
  });
  it('costs by what it tells, a knock most', () => {
    const clean = engine(start({ cranks: 'strong', catches: 'at-once', smoke: [{ colour: 'none' }] }));
    const ticking = engine(start({ noises: ['top-end'] }));
    const knock = engine(start({ noises: ['knock'] }));
    expect(clean).toBe(0);
    expect(knock).toBeGreaterThan(5 * ticking);
    expect(engine(start({ smoke: [{ colour: 'white', course: 'fades' }] }))).toBe(0);
    expect(cautionsOf(judged(start({ noises: ['knock'] })))).toContain('engine-grave-noise');
  });
  it('is missed in the list of what a bidder would ask', () => {
    const j = judged(start({ cold: 'cold', cranks: 'strong' }));
    expect(missingFrom(j, j.records).map((m) => m.kind)).toContain('cold-start-missed');
  });
});

describe('a fluid', () => {
  it.each([
    ['engine-oil', { looks: ['milky'] }, true],
    ['engine-oil', { looks: ['dark'] }, false],
    ['coolant', { looks: ['water'] }, false],
    ['coolant', { looks: ['oily'] }, true],
    ['brake', { level: 'empty' }, true],
    ['brake', { looks: ['dark'] }, false],
    ['transmission', { looks: ['milky'] }, true],
    ['differential', { level: 'full' }, false],
  ])('%s %j stops the start: %s', (f, seen, stop) => {
    expect(judged(fluid(f, seen)).fluids.stop.length > 0).toBe(stop);
  });
  it('tells of another: oil in coolant and milk in oil are one thing', () => {
    expect(judged(fluid('engine-oil', { looks: ['milky'] })).fluids.crossed).toBe(false);
    const both = [fluid('engine-oil', { looks: ['milky'] }), fluid('coolant', { looks: ['oily'] })];
    expect(judged(...both).fluids.crossed).toBe(true);
  });
  it('is judged by the last look', () => {
    const early = record('fluid', fluidSchema.parse({ fluid: 'brake', level: 'empty', at: '2027-02-10T08:00:00Z' }));
    expect(judged(early, fluid('brake', { level: 'full' })).fluids.stop).toEqual([]);
  });
});

describe('the gate of the road test', () => {
  const all = (say: 'yes' | 'no') => Object.fromEntries(GATE_ASKS.map((a) => [a, say]));
  it('opens only when every question was answered with yes and nothing on record forbids it', () => {
    expect(judged(road({ gate: all('yes') })).running.gate.free).toBe(true);
    expect(judged(road({ gate: { ...all('yes'), brakes: 'no' } })).running.gate.free).toBe(false);
    const { brakes: _, ...open } = all('yes');
    expect(judged(road({ gate: open })).running.gate.open).toEqual(['brakes']);
  });
  it.each<[string, AnyRecord[]]>([
    [
      'structure',
      [
        record('finding', {
          zone: 'rail.left.front',
          flaw: 'structural-loss',
          count: 1,
          sizeMm: null,
          share: null,
          where: '',
        }),
      ],
    ],
    ['fuel', [wet('fuel.line', 'damp', 'fuel')]],
    ['fluid', [fluid('brake', { level: 'empty' })]],
    [
      'safety-function',
      [
        record('tried', {
          function: 'lamp.brake',
          zone: 'lamp.left.tail',
          state: 'dead',
          why: null,
          from: '',
          seconds: null,
          cause: '',
          note: '',
        }),
      ],
    ],
    ['does-not-run', [start({ catches: 'not' })]],
  ])('stays shut by what is on record: %s', (forbids, records) => {
    const { gate } = judged(road({ gate: all('yes') }), ...records).running;
    expect([gate.forbids, gate.free]).toEqual([[forbids], false]);
  });
  it('keeps no drive that was made without it', () => {
    expect(roadSchema.safeParse({ at: AT, driven: true, gate: { ...all('yes'), weather: 'no' } }).success).toBe(false);
    expect(roadSchema.safeParse({ at: AT, driven: true, gate: all('yes') }).success).toBe(true);
  });
  it('lifts the caution that it was not driven only by a drive', () => {
    const not = (...r: AnyRecord[]) =>
      cautionsOf(judge({ plan, records: [car('yes'), ...r], tables: DEFAULT_TABLES })).includes('not-driven');
    expect(not(road({ gate: all('yes') }))).toBe(true);
    expect(not(road({ gate: all('yes'), driven: true }))).toBe(false);
  });
});

describe('what is felt on the road', () => {
  const all = Object.fromEntries(GATE_ASKS.map((a) => [a, 'yes']));
  const shake = { what: 'vibration', at: 'steering-wheel', fromKmh: 90, toKmh: 110 };
  const drive = (more: object) => road({ gate: all, driven: true, ...more });
  it('is told with what it can come from, and costs once beside the item that says the same', () => {
    const j = judged(drive({ felt: [shake] })).running;
    expect(j.felt[0]!.sources[0]!.id).toBe('wheel-balance-front');
    const felt = engine(drive({ felt: [shake] }));
    expect(felt).toBeGreaterThan(0);
    const item = { items: { 'no-vibration': 'poor' } };
    expect(engine(drive({ felt: [shake], ...item }))).toBeCloseTo(engine(drive(item)), 9);
  });
  it('is felt only where it was driven, and ends above where it begins', () => {
    expect(roadSchema.safeParse({ at: AT, gate: all, driven: false, felt: [shake] }).success).toBe(false);
    const backwards = { ...shake, fromKmh: 110, toKmh: 90 };
    expect(roadSchema.safeParse({ at: AT, gate: all, driven: true, felt: [backwards] }).success).toBe(false);
  });
});

it('tells the run of a made engine through the records, by the bands of its make', () => {
  const points = madeLog({ ...SOUND_ENGINE, oilKpa: 210, per1000Rpm: 60, per10C: 26 }, 20, 30, 3);
  const log = (from: number, to: number) =>
    record('log', logSchema.parse({ startedAt: AT, points: points.slice(from, to), at: AT }));
  const whole = judged(log(0, 20), log(20, 60)).running;
  expect(whole.points).toHaveLength(points.length);
  expect(whole.log!.oil).toMatchObject({ ok: true, verdict: 'low' });
  expect(engine(log(0, 60))).toBeGreaterThan(0.2);
  expect(engine(log(0, 4))).toBe(0);
});

it('loses by a leak whose source is likely, and leaves to a finding what it says', () => {
  const lost = (...r: AnyRecord[]) =>
    lossesOf(judged(...r)).filter((l) => l.aspect === 'leaks' && l.finding === undefined).length;
  const source = [wet('engine.valve-cover', 'wet', 'engine-oil'), wet('engine.pan', 'damp', 'engine-oil')];
  expect(lost(...source)).toBe(1);
  const finding = record('finding', {
    zone: 'engine',
    flaw: 'leak-damp',
    count: 1,
    sizeMm: null,
    share: null,
    where: '',
  });
  expect(lost(...source, finding)).toBe(0);
  expect(judged(wet('engine.steam-dome', 'wet')).leaks.odd).toHaveLength(1);
});
