import { planOf } from '../body/plan';
import { type MechState, DEFAULT_MECH as T } from '../catalogue/mechanical';
import { GATE_ASKS } from '../catalogue/run-words';
import { DEFAULT_TABLES } from '../grade/all-tables';
import { cautionsOf, judge, lossesOf, missingFrom } from '../judge/judge';
import type { AnyRecord } from '../kinds';
import { mechSchema } from '../kinds/mech';

const plan = planOf('saloon4')!;
const AT = '2027-02-10T09:00:00Z';
let serial = 0;
const record = (kind: string, body: object) =>
  ({ id: `01890000-0000-7000-8000-${String(++serial).padStart(12, '0')}`, kind, version: 1, body }) as AnyRecord;
const mech = (part: string, state: MechState, more: object = {}) =>
  record('mech', mechSchema.parse({ part, state, at: AT, ...more }));
const judged = (...records: AnyRecord[]) => judge({ plan, records, tables: DEFAULT_TABLES });
const lost = (...records: AnyRecord[]) =>
  lossesOf(judged(...records))
    .filter((l) => l.zone === 'steering')
    .reduce((s, l) => s + l.share, 0);

it('costs by the part and by its state, and nothing for what is sound or was not seen', () => {
  const { share } = T.parts['ball-joints']!;
  expect(lost(mech('ball-joints', 'play'))).toBeCloseTo(share * T.states.play, 9);
  expect(lost(mech('ball-joints', 'worn'))).toBeCloseTo(share * T.states.worn, 9);
  expect(lost(mech('ball-joints', 'sound'))).toBe(0);
  expect(lost(mech('ball-joints', 'unseen', { why: 'no-lift' }))).toBe(0);
});

it('keeps a car from the road by play where driving depends on it, and not by a worn bush', () => {
  const gate = Object.fromEntries(GATE_ASKS.map((a) => [a, 'yes']));
  const road = record('road', {
    gate,
    driven: false,
    items: {},
    distanceM: null,
    surface: '',
    topKmh: null,
    note: '',
    at: AT,
  });
  const forbids = (...r: AnyRecord[]) => judged(road, ...r).running.gate.forbids;
  expect(forbids(mech('steering.joints', 'play'))).toEqual(['running-gear']);
  expect(forbids(mech('bushes.front', 'broken'))).toEqual([]);
  expect(forbids(mech('steering.joints', 'worn'))).toEqual([]);
  expect(cautionsOf(judged(mech('brake.lines', 'broken')))).toContain('running-gear-unsafe');
});

describe('how it stands', () => {
  const stance = (leftFrontMm: number, rightFrontMm: number, leftRearMm: number, rightRearMm: number) =>
    record('stance', { leftFrontMm, rightFrontMm, leftRearMm, rightRearMm, note: '', at: AT });
  it.each([
    ['level', [640, 642, 650, 648], null],
    ['lower on the left by both ends', [640, 660, 632, 650], { side: 'left', mm: 19 }],
    ['lower on the right', [660, 645, 650, 633], { side: 'right', mm: 16 }],
    ['in no plane: no spring is told', [640, 660, 650, 640], { refused: 'twist' }],
  ] as const)('%s', (_name, heights, sag) => {
    expect(judged(stance(...(heights as unknown as [number, number, number, number]))).mechanical.sag).toEqual(sag);
  });
  it('is not told of a car that nobody measured', () => expect(judged().mechanical.sag).toBeNull());
});

it('asks for the rest once somebody began, and for nothing before', () => {
  const lacks = (...r: AnyRecord[]) =>
    missingFrom(judged(...r), r).find((m) => m.kind === 'running-gear-unseen')?.count ?? 0;
  expect(lacks()).toBe(0);
  expect(lacks(mech('ball-joints', 'sound'))).toBe(Object.keys(T.parts).length - 1);
});

it('refuses a part not seen without a reason', () => {
  expect(mechSchema.safeParse({ part: 'ball-joints', state: 'unseen', at: AT }).success).toBe(false);
});
