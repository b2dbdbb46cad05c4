import type { Axis } from '../catalogue/axes';
import { axisLosses, axisValue, type Losses } from './axes';
import { alongCurve } from './curve';
import { lostShare, type Piece, type PieceLoss } from './pieces';
import { DEFAULT_GRADE_TABLES } from './shipped';
import type { GradeTables, LensTable } from './tables';
import { byAxis } from './values';
import { SHIPPED_YARDSTICK } from './yardstick-table';

/** Numbers in which every step of the arithmetic can be followed by hand: points go with the share, one to a hundred. */
const STRAIGHT = [
  [0, 0],
  [1, 100],
] as [number, number][];
const plain: GradeTables = {
  ...DEFAULT_GRADE_TABLES,
  missed: 0,
  originalUntold: 0.5,
  curves: Object.fromEntries(
    Object.keys(DEFAULT_GRADE_TABLES.curves).map((a) => [a, STRAIGHT]),
  ) as GradeTables['curves'],
};
const by = { grade: plain, yardstick: SHIPPED_YARDSTICK };
const piece = (whole: number, losses: readonly PieceLoss[], more: Partial<Piece> = {}): Piece => ({
  zone: 'hood',
  of: 'paint',
  axis: 'finish',
  kind: 'paint@outside',
  whole,
  state: 'looked',
  blocked: null,
  losses,
  ...more,
});
const car = (pieces: readonly Piece[], more: Partial<Losses> = {}): Losses => ({
  pieces: byAxis(pieces),
  expected: new Map(),
  original: new Map(),
  ends: 0,
  ...more,
});
const value = (
  pieces: readonly Piece[],
  lens: LensTable | null = null,
  more: Partial<Losses> = {},
  axis: Axis = 'finish',
) => axisValue(axis, car(pieces, more), lens, by);
const even = Object.fromEntries(Object.keys(plain.curves).map((a) => [a, 1])) as LensTable['minds'];
const school = (more: Partial<LensTable>): LensTable => ({
  weights: even,
  minds: even,
  patina: 1,
  hidden: 1,
  incomplete: 1,
  ...more,
});

it('costs what putting right takes against redoing the axis', () => {
  // Worked by hand: a quarter of a piece of 100 among pieces of 400 together is a sixteenth.
  expect(value([piece(100, [{ share: 0.25 }]), piece(300, [])])).toBeCloseTo(100 - 100 / 16, 9);
});

it('does not let clean places that take nothing dilute a bad one', () => {
  const bad = piece(100, [{ share: 0.5 }]);
  expect(value([bad, ...Array.from({ length: 20 }, () => piece(0, []))])).toBeCloseTo(value([bad]), 9);
});

it('pays no job twice: losses of one place saturate', () => {
  expect(lostShare([{ share: 0.5 }, { share: 0.5 }])).toBeCloseTo(0.75, 12);
  expect(value([piece(100, [{ share: 0.5 }, { share: 0.5 }])])).toBeCloseTo(25, 9);
});

it('minds age on the works’ finish as a school does, by the chance that it is the works’', () => {
  const faded = [piece(100, [{ share: 0.4, sort: 'patina' }])];
  const keeper = school({ patina: 0 });
  expect(value(faded, keeper, { original: new Map([['hood', 1]]) })).toBeCloseTo(100, 9);
  expect(value(faded, keeper, { original: new Map([['hood', 0]]) })).toBeCloseTo(60, 9);
  // Where nothing tells, half of each.
  expect(value(faded, keeper)).toBeCloseTo(80, 9);
  expect(value(faded, school({}))).toBeCloseTo(60, 9);
});

it('minds what lies hidden, and an axis, as a school does', () => {
  const filled = [piece(100, [{ share: 0.4, sort: 'hidden' }])];
  expect(value(filled, school({ hidden: 0.25 }))).toBeCloseTo(90, 9);
  expect(value(filled, school({ minds: { ...even, finish: 0.5 } }))).toBeCloseTo(80, 9);
});

it('is never made better by one more loss that a school minds little', () => {
  const keeper = school({ patina: 0.1 });
  const bare = value([piece(100, [{ share: 0.9 }])], keeper, { original: new Map([['hood', 1]]) });
  const also = value([piece(100, [{ share: 0.9 }, { share: 0.9, sort: 'patina' }])], keeper, {
    original: new Map([['hood', 1]]),
  });
  expect(also).toBeLessThan(bare);
});

it('reckons at a place of which not all is known with the worse of what was found and what is to be expected', () => {
  const partly = piece(100, [{ share: 0.2, finding: 'f' }], { state: 'partly' });
  const at = (expected: number) => value([partly], null, { expected: new Map([[partly, expected]]) });
  expect(at(0.5)).toBeCloseTo(50, 9);
  expect(at(0.1)).toBeCloseTo(80, 9);
});

it('pulls the running axis, and no other, where things end the use of the car', () => {
  const runs = [piece(100, [], { axis: 'running' })];
  const { first, further } = plain.ends;
  expect(value(runs, null, { ends: 1 }, 'running')).toBeCloseTo(100 * first, 9);
  expect(value(runs, null, { ends: 3 }, 'running')).toBeCloseTo(100 * first * further ** 2, 9);
  expect(value([piece(100, [])], null, { ends: 2 })).toBe(100);
});

it('tells losses that sum to what is missing of 100, dearest first', () => {
  const unseen = piece(100, [], { state: 'unseen', zone: 'roof' });
  const pieces = [
    piece(200, [
      { share: 0.1, finding: 'small' },
      { share: 0.4, finding: 'large' },
    ]),
    piece(100, [{ share: 0.2 }], { zone: 'deck' }),
    unseen,
  ];
  const tables = { ...by, grade: { ...plain, missed: 4 } };
  const all = car(pieces, { expected: new Map([[unseen, 0.3]]) });
  const losses = axisLosses('finish', all, tables);
  const left = axisValue('finish', all, null, tables);
  expect(losses.reduce((s, l) => s + l.points, 0)).toBeCloseTo(100 - left, 9);
  expect(losses[0]).toMatchObject({ by: 'finding', finding: 'large' });
  expect(losses.map((l) => l.by).sort()).toEqual(['finding', 'finding', 'measured', 'missed', 'unseen']);
  for (let i = 1; i < losses.length; i++) expect(losses[i]!.points).toBeLessThanOrEqual(losses[i - 1]!.points);
});

it('keeps an axis of nothing at its top', () => {
  expect(value([])).toBe(100);
});

it('goes straight between the points of a curve and stays at its ends', () => {
  const curve = [
    [0, 0],
    [0.1, 20],
    [0.5, 60],
  ] as [number, number][];
  expect([0, 0.05, 0.1, 0.3, 0.5, 2].map((x) => alongCurve(curve, x))).toEqual([0, 10, 20, 40, 60, 60]);
});
