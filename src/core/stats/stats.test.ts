import { logUpperTail, normalCdf, normalQuantile } from './normal';
import { quantile } from './quantile';
import { normalDraw, seeded } from './random';

it('matches published values of the normal distribution', () => {
  // Abramowitz & Stegun, Handbook of Mathematical Functions, table 26.1.
  expect(normalCdf(1)).toBeCloseTo(0.8413447461, 7);
  expect(normalCdf(-2)).toBeCloseTo(0.0227501319, 7);
  expect(normalCdf(0)).toBeCloseTo(0.5, 7);
  expect(normalQuantile(0.9)).toBeCloseTo(1.2815515655, 5);
  expect(normalQuantile(0)).toBe(-Infinity);
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
