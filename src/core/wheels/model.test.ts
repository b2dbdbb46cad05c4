import { planOf } from '../body/plan';
import { DEFAULT_TABLES } from '../grade/all-tables';
import { cautionsOf, judge, lossesOf } from '../judge/judge';
import type { AnyRecord } from '../kinds';
import { recordOf } from '../kinds/test-records';
import { tireSchema } from '../kinds/tire';
import { dateSays, setMatch } from './model';
import { decodeTire } from './tire-code';
import { tireLimits } from './tire-limits';

const plan = planOf('saloon4')!;
const WHEELS = ['wheel.left.front', 'wheel.right.front', 'wheel.left.rear', 'wheel.right.rear'];
const AT = '2027-02-10T09:00:00Z';
let serial = 0;
const record = (kind: string, body: object) =>
  ({ id: `01890000-0000-7000-8000-${String(++serial).padStart(12, '0')}`, kind, version: 1, body }) as AnyRecord;
const tire = (zone: string | null, more: object = {}) =>
  record('tire', tireSchema.parse({ zone, maker: 'Fenwold', line: 'Tourer', size: '165 SR 15', at: AT, ...more }));
const visit = record('visit', { startedAt: AT, gauge: null });
const judged = (...records: AnyRecord[]) => judge({ plan, records: [visit, ...records], tables: DEFAULT_TABLES });
const lostAt = (zone: string, ...records: AnyRecord[]) =>
  lossesOf(judged(...records)).find((l) => l.zone === zone && l.aspect === 'tire')?.share ?? 0;
const bodies = (...more: object[]) => judged(...WHEELS.map((w, i) => tire(w, more[i] ?? {}))).wheels.tires;

describe('a set', () => {
  it('matches where all four are of one maker, line and size, however they are written', () => {
    expect(setMatch(bodies({}, { size: '165SR15' }, { size: '165/SR-15' }), plan)).toBe('all');
  });
  it('matches by axle where front and rear differ, and not otherwise', () => {
    const rear = { size: '185 SR 15' };
    expect(setMatch(bodies({}, {}, rear, rear), plan)).toBe('by-axle');
    expect(setMatch(bodies({}, { maker: 'Marlpit' }), plan)).toBe('mixed');
  });
  it('says nothing while a wheel is not read', () => {
    expect(judged(...WHEELS.slice(1).map((w) => tire(w))).wheels.match).toBeNull();
    expect(setMatch(bodies({ maker: '' }), plan)).toBeNull();
  });
});

describe('a tire', () => {
  const on = '2027-03-04';
  const says = (code: string) => {
    const made = decodeTire(code, on);
    return dateSays(made.ok ? made : null, false, on, tireLimits.defaults);
  };
  it('is told by its age on the sale day', () => {
    expect([says('0125'), says('0820'), says('3112'), says('409')]).toEqual([
      'fresh',
      'look-yearly',
      'not-relied-on',
      'not-relied-on',
    ]);
  });
  it('loses more the older, the more worn, the more damaged it is; nothing unread counts', () => {
    const w = WHEELS[0]!;
    const good = lostAt(w, tire(w, { code: '0125', treadMm: 8 }));
    const worn = lostAt(w, tire(w, { code: '0125', treadMm: 4 }));
    const bald = lostAt(w, tire(w, { code: '0125', treadMm: 1.5 }));
    const old = lostAt(w, tire(w, { code: '3112', treadMm: 8 }));
    expect(good).toBe(0);
    expect(worn).toBeGreaterThan(0.1);
    expect(bald).toBeGreaterThan(worn);
    expect(old).toBeGreaterThan(0.9);
    expect(lostAt(w, tire(w))).toBe(0);
    expect(lostAt(w, tire(w, { faults: ['side-cracks'] }))).toBeGreaterThan(0.5);
  });
  it('is counted once where a finding says the same', () => {
    const w = WHEELS[0]!;
    const aged = record('finding', { zone: w, flaw: 'tire-aged', count: 1, sizeMm: null, share: null, where: '' });
    const found = lossesOf(judged(tire(w, { code: '3112' }), aged)).filter((l) => l.zone === w);
    expect(found.map((l) => l.finding)).toEqual([aged.id]);
  });
  it('warns of the road where it is not to be relied on; the spare does not', () => {
    expect(cautionsOf(judged(tire(WHEELS[1]!, { code: '3112' })))).toContain('tires-not-to-be-relied-on');
    expect(cautionsOf(judged(tire(null, { code: '3112' })))).not.toContain('tires-not-to-be-relied-on');
  });
  it('of another size than the placard’s is told, by axle', () => {
    const placard = record('placard', { front: '165 SR 15', rear: '185 SR 15', service: '', at: AT });
    const { tires } = judged(placard, tire('wheel.left.front'), tire('wheel.left.rear')).wheels;
    expect(tires.map((t) => t.offPlacard)).toEqual([null, '185 SR 15']);
  });
});

it('tells a tire that may carry less, or go less fast, than the placard asks, and no other', () => {
  const wheel = (zone: string, service: string) => recordOf('tire', { zone, service });
  const placard = recordOf('placard', { front: '165 SR 15', service: '86S' });
  const told = judge({
    plan: planOf('saloon4')!,
    records: [
      placard,
      wheel('wheel.left.front', '82S'),
      wheel('wheel.right.front', '86S'),
      wheel('wheel.left.rear', ''),
    ],
    tables: DEFAULT_TABLES,
  }).wheels.tires;
  expect(told.map((t) => t.weaker)).toEqual(['86S', null, null]);
});
