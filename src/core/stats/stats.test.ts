import { logUpperTail, normalCdf, normalQuantile, upperTail } from './normal';
import { quantile } from './quantile';
import { normalDraw, seeded } from './random';
import { studentQuantile } from './student';

it('matches published values of the normal distribution', () => {
  // Abramowitz & Stegun, Handbook of Mathematical Functions, table 26.1.
  expect(normalCdf(1)).toBeCloseTo(0.8413447461, 7);
  expect(normalCdf(-2)).toBeCloseTo(0.0227501319, 7);
  expect(normalCdf(0)).toBeCloseTo(0.5, 7);
  expect(normalQuantile(0.9)).toBeCloseTo(1.2815515655, 5);
  expect(normalQuantile(0)).toBe(-Infinity);
});

it('tells the upper tail as published, on both sides and to its ends', () => {
  // Abramowitz & Stegun, table 26.1.
  const published: [number, number][] = [
    [0, 0.5],
    [1, 0.15865525393],
    [2, 0.02275013195],
    [3, 0.00134989803],
    [5, 2.866515719e-7],
  ];
  for (const [z, q] of published) {
    expect(upperTail(z) / q).toBeCloseTo(1, 8);
    expect(upperTail(-z)).toBeCloseTo(1 - q, 10);
  }
  expect([upperTail(40), upperTail(-40)]).toEqual([0, 1]);
  for (const z of [-8.2, -4, -0.3, 0.3, 4, 8.2]) expect(upperTail(z)).toBeCloseTo(Math.exp(logUpperTail(z)), 14);
});

it('keeps the far tail finite', () => {
  // ln Q(10) = ln 7.619853024e-24 (same table, 26.2).
  expect(logUpperTail(10)).toBeCloseTo(Math.log(7.619853024e-24), 5);
  expect(Number.isFinite(logUpperTail(60))).toBe(true);
  expect(logUpperTail(-10)).toBeCloseTo(0, 10);
});

it('interpolates quantiles as Hyndman and Fan type 7', () => {
  expect(quantile([1, 2, 3, 4], 0.25)).toBeCloseTo(1.75, 12);
  expect(quantile([7], 0.9)).toBe(7);
  expect(quantile([], 0.5)).toBeNull();
});

it('draws the same numbers from the same seed, evenly', () => {
  const a = seeded(42);
  const b = seeded(42);
  const draws = Array.from({ length: 4000 }, () => a());
  expect(draws.slice(0, 10)).toEqual(Array.from({ length: 10 }, () => b()));
  expect(draws.reduce((s, v) => s + v, 0) / 4000).toBeCloseTo(0.5, 1);
  const normal = Array.from({ length: 4000 }, () => normalDraw(a));
  expect(normal.reduce((s, v) => s + v * v, 0) / 4000).toBeCloseTo(1, 1);
});

it.each([
  // Published tables of Student's t, one-sided 0.90 and 0.975.
  [0.9, 1, 3.078],
  [0.9, 3, 1.638],
  [0.9, 10, 1.372],
  [0.975, 1, 12.706],
  [0.975, 2, 4.303],
  [0.975, 30, 2.042],
])('the quantile of Student’s t is that of the tables: p %p, %p degrees', (p, degrees, table) => {
  expect(studentQuantile(p, degrees)).toBeCloseTo(table, 3);
  expect(studentQuantile(1 - p, degrees)).toBeCloseTo(-table, 3);
});

it.each([
  [0.5, 0],
  [0.9, 1.2815515655446004],
  [0.975, 1.959963984540054],
  [0.999, 3.090232306167813],
  [1e-6, -4.753424308822899],
])('the quantile of the normal is that of the tables: %p', (p, z) => {
  expect(normalQuantile(p)).toBeCloseTo(z, 9);
});
