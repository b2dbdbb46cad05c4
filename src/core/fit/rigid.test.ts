import { normalDraw, seeded } from '../stats/random';
import { fitThree, type Observation } from './rigid';

const WIDE = [1e3, 1e3, 1e3] as const;
const none = () => [];
const beside = (n: number) => (i: number) => [i - 1, i + 1].filter((k) => k >= 0 && k < n);

/** Observations of x + y·t + z·t² along t, with noise. */
const along = (truth: readonly [number, number, number], n: number, se: number, seed: number): Observation[] => {
  const random = seeded(seed);
  return Array.from({ length: n }, (_, i) => {
    const t = (2 * i) / (n - 1) - 1;
    return { a: [1, t, t * t], seen: truth[0] + truth[1] * t + truth[2] * t * t + se * normalDraw(random), se };
  });
};

it('solves three exact equations', () => {
  const obs: Observation[] = [
    { a: [1, 0, 0], seen: 2, se: 0.1 },
    { a: [0, 1, 0], seen: -3, se: 0.1 },
    { a: [1, 1, 1], seen: 4, se: 0.1 },
  ];
  const { values, residuals, told } = fitThree(obs, WIDE, none);
  expect(values.map((v) => v.value!.toFixed(4))).toEqual(['2.0000', '-3.0000', '5.0000']);
  expect(Math.max(...residuals.map(Math.abs))).toBeLessThan(1e-4);
  expect(told).toEqual([true, true, true]);
  // Var(z) = 3 · 0.01: its 80 % interval is ± 1.2816 · √0.03.
  expect((values[2].high! - values[2].low!) / 2).toBeCloseTo(1.2816 * Math.sqrt(0.03), 3);
});

it('weighs an observation by its error', () => {
  const twice = (se: number, seen: number): Observation => ({ a: [1, 0, 0], seen, se });
  const { values } = fitThree([twice(1, 0), twice(0.5, 1)], WIDE, none);
  // Weights 1 and 4: (0 + 4 · 1) / 5.
  expect(values[0].value).toBeCloseTo(0.8, 4);
});

it('keeps the belief for a freedom that nothing tells', () => {
  const { values, told } = fitThree(
    Array.from({ length: 6 }, () => ({ a: [1, 0, 0] as const, seen: 1, se: 0.1 })),
    [6, 12, 12],
    none,
  );
  expect(told).toEqual([true, false, false]);
  expect(values[1].value).toBeCloseTo(0, 9);
  expect(values[1].high).toBeCloseTo(12 * 1.2816, 1);
});

it('leaves a wild observation out that no neighbour agrees with, and names it', () => {
  const obs = along([1, 0.5, -0.3], 15, 0.1, 5);
  const wild = obs.map((o, i) => (i === 6 ? { ...o, seen: o.seen + 4 } : o));
  const { values, slips, residuals } = fitThree(wild, WIDE, beside(15));
  expect(slips).toEqual([6]);
  expect(residuals[6]).toBeGreaterThan(3.5);
  expect(values[0].value).toBeCloseTo(1, 0);
  expect(Math.abs(values[1].value! - 0.5)).toBeLessThan(0.15);
});

it('keeps two neighbours that are off together: that is the metal', () => {
  const obs = along([0, 0, 0], 15, 0.1, 6);
  const bent = obs.map((o, i) => (i === 6 || i === 7 ? { ...o, seen: o.seen + 4 } : o));
  const { slips, values } = fitThree(bent, WIDE, beside(15));
  expect(slips).toEqual([]);
  // What the freedoms cannot explain widens their intervals.
  const plain = fitThree(obs, WIDE, beside(15));
  expect(values[0].high! - values[0].low!).toBeGreaterThan(3 * (plain.values[0].high! - plain.values[0].low!));
});

it('states intervals that hold about 8 times in 10, also when the errors were stated too small', () => {
  for (const stated of [1, 0.4]) {
    let held = 0;
    const runs = 400;
    for (let k = 0; k < runs; k++) {
      const obs = along([0.7, -1, 0.4], 14, 0.2, 100 + k).map((o) => ({ ...o, se: 0.2 * stated }));
      const [e] = fitThree(obs, WIDE, none).values;
      if (e.low! <= 0.7 && 0.7 <= e.high!) held++;
    }
    expect(held / runs).toBeGreaterThan(0.72);
    expect(held / runs).toBeLessThan(0.9);
  }
});
