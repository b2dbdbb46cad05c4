import type { AxisLoss } from './axes';
import { toldLosses } from './told-losses';

const loss = (by: AxisLoss['by'], points: number, more: Partial<AxisLoss> = {}): AxisLoss => ({
  by,
  zone: 'hood',
  of: 'paint',
  finding: null,
  points,
  ...more,
});

it('tells what ends the use first, then what is on record, dearest first, then what is not known', () => {
  const told = toldLosses([
    loss('missed', 3),
    loss('unseen', 9),
    loss('finding', 2, { finding: 'a' }),
    loss('measured', 6, { of: 'originality' }),
    loss('ends', 40, { zone: null }),
    loss('cap', 1, { zone: null }),
  ]);
  expect(told.map((t) => t.by)).toEqual(['ends', 'measured', 'finding', 'unseen', 'missed', 'cap']);
});

it('tells one finding once, and what was measured of a kind together', () => {
  const told = toldLosses([
    loss('finding', 2, { finding: 'a' }),
    loss('finding', 3, { finding: 'a', zone: 'roof' }),
    loss('measured', 1, { zone: 'deck' }),
    loss('measured', 2),
  ]);
  expect(told).toMatchObject([
    { finding: 'a', points: 5, zones: ['hood', 'roof'], n: 2 },
    { by: 'measured', points: 3, zones: ['deck', 'hood'], n: 2 },
  ]);
});

it('tells small ones together and keeps the sum', () => {
  const many = Array.from({ length: 20 }, (_, i) => loss('finding', i < 3 ? 5 : 0.2, { finding: `f${i}` }));
  const told = toldLosses(many);
  expect(told).toHaveLength(4);
  expect(told.at(-1)).toMatchObject({ by: 'rest', n: 17 });
  expect(told.reduce((s, t) => s + t.points, 0)).toBeCloseTo(15 + 17 * 0.2, 9);
  expect(toldLosses(many.slice(0, 4))).toHaveLength(4);
});

it('names no place that lost next to nothing', () => {
  const [told] = toldLosses([loss('measured', 4), loss('measured', 0.001, { zone: 'roof' })]);
  expect(told!.zones).toEqual(['hood']);
});
