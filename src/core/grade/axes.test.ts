import { axisMoments, expectedAxis, type Part } from './axes';
import { DEFAULT_GRADE_TABLES, type GradeTables } from './tables';

/** Tables in which every step of the arithmetic can be followed by hand. */
const plain: GradeTables = { ...DEFAULT_GRADE_TABLES, withinCar: 0.5, judgementSd: 0, unevenness: 0 };
const part = (weight: number, mean: number, sd: number, seen: boolean): Part => ({
  zone: 'hood',
  aspect: 'paint',
  axis: 'finish',
  weight,
  mean,
  sd,
  seen,
});
const finish = (parts: Part[], tables = plain) => axisMoments(parts, tables).find((a) => a.axis === 'finish')!;

it('weighs its parts', () => {
  expect(finish([part(3, 90, 0, true), part(1, 50, 0, true)])).toMatchObject({ mean: 80, sd: 0, seen: 1 });
});

it('adds the doubt of seen parts as independent', () => {
  // Two parts of weight 1 and sd 6: sd of their mean = 6/√2.
  expect(finish([part(1, 80, 6, true), part(1, 80, 6, true)]).sd).toBeCloseTo(6 / Math.SQRT2, 12);
});

it('lets unseen parts of one car vary together', () => {
  // Worked by hand: two unseen parts, s = 20, ρ = 0.5: variance of the mean = (0.5·4 + 0.5·2)·400/4 = 300.
  const { sd, seen } = finish([part(1, 60, 20, false), part(1, 60, 20, false)]);
  expect(sd).toBeCloseTo(Math.sqrt(300), 9);
  expect(seen).toBe(0);
  const alike = finish([part(1, 60, 20, false), part(1, 60, 20, false)], { ...plain, withinCar: 1 });
  expect(alike.sd).toBeCloseTo(20, 9);
  const apart = finish([part(1, 60, 20, false), part(1, 60, 20, false)], { ...plain, withinCar: 0 });
  expect(apart.sd).toBeCloseTo(20 / Math.SQRT2, 9);
});

it('takes from an uneven axis, by the share that was seen', () => {
  const uneven = { ...plain, unevenness: 0.5 };
  // Conditions 90 and 50 at equal weight: mean 70, spread 20.
  expect(finish([part(1, 90, 0, true), part(1, 50, 0, true)], uneven).mean).toBeCloseTo(60, 9);
  expect(finish([part(1, 70, 0, true), part(1, 70, 0, true)], uneven).mean).toBeCloseTo(70, 9);
  const half = finish([part(1, 90, 0, true), part(1, 50, 0, true), part(2, 70, 0, false)], uneven);
  expect(half.mean).toBeCloseTo(65, 9);
});

it('keeps the doubt of judging on top', () => {
  expect(finish([part(1, 80, 3, true)], { ...plain, judgementSd: 4 }).sd).toBeCloseTo(5, 12);
});

it('says nothing of an axis without parts', () => {
  expect(axisMoments([], plain).every((a) => a.mean === 0 && a.sd === 0 && a.seen === 0)).toBe(true);
});

it('expects less of an older car, down to a floor', () => {
  const at = (age: number) => expectedAxis('finish', age, DEFAULT_GRADE_TABLES).mean;
  expect(at(0)).toBe(96);
  expect(at(20)).toBe(84);
  expect(at(200)).toBe(52);
});
