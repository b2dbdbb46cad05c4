import { mattersMost, type Weighed } from './matters';

const w = (finding: string, points: number, money: number, more: Partial<Weighed> = {}): Weighed => ({
  finding,
  points,
  money,
  ends: false,
  carries: false,
  ...more,
});
const told = (all: readonly Weighed[]) => mattersMost(all).map((m) => [m.finding, ...m.why]);

it('puts what ends the use of the car and what carries it before all', () => {
  expect(
    told([w('paint', 9, 3000), w('brakes', 1, 300, { ends: true }), w('rail', 2, 2600, { carries: true })]),
  ).toEqual([
    ['brakes', 'ends'],
    ['rail', 'carries', 'money'],
    ['paint', 'grade', 'money'],
  ]);
});

it('weighs points and money each against its own worst, and tells five at most', () => {
  const all = [w('a', 6, 100), w('b', 1, 2000), w('c', 3, 1000), w('d', 0.3, 400), w('e', 2, 20), w('f', 0.4, 350)];
  expect(told(all).map(([id]) => id)).toEqual(['b', 'a', 'c', 'e', 'd']);
});

it('leaves out what does little: a good car has fewer, a clean one none', () => {
  expect(told([w('a', 4, 900), w('chip', 0.05, 30)])).toEqual([['a', 'grade', 'money']]);
  expect(told([])).toEqual([]);
  expect(told([w('note', 0, 0)])).toEqual([]);
});
