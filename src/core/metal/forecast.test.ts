import fc from 'fast-check';
import { exposureTable, OPEN_STAGES, STORAGES } from './exposure-table';
import { forecast, type WastingSpot, type YearsToThrough, yearsUntilThrough } from './forecast';

const T = exposureTable.defaults;
const spot = (more: Partial<WastingSpot> = {}): WastingSpot => ({
  metal: 'steel',
  sheetMm: [0.9, 0.9],
  stage: 'blister',
  faces: 1,
  ...more,
});
const at = (s: WastingSpot, storage: (typeof STORAGES)[number] = 'C3', table = T, seed = 1) =>
  forecast([s], table, { storages: [storage], seed, draws: 4000 })![0]!.spots[0]!;
const figures = (y: YearsToThrough) => [y.p10, y.p50, y.p90].map((v) => v ?? Number.POSITIVE_INFINITY);

it('agrees with the loss of steel that ISO 9224 tabulates for ten years: about 3.33 times the first year’s', () => {
  // Ten years at 40 µm a year lose 133.4 µm (ISO 9224, b = 0.523).
  expect(yearsUntilThrough(0.1334, 40, 0.523)).toBeCloseTo(10, 1);
  expect(yearsUntilThrough(0, 40, 0.523)).toBe(0);
  expect(yearsUntilThrough(0.5, 0, 0.523)).toBe(Number.POSITIVE_INFINITY);
});

it('gives the closed form where every input is a point', () => {
  const point = { median: 3.5, low: 3.5, high: 3.5 };
  const table = {
    ...T,
    pitting: point,
    presentMm: { ...T.presentMm, blister: [0.25, 0.25] as [number, number] },
    firstYearUm: { ...T.firstYearUm, steel: { ...T.firstYearUm.steel, C3: [37.5, 37.5] as [number, number] } },
  };
  const years = (650 / (37.5 * 3.5 * 2)) ** (1 / 0.523);
  for (const v of figures(at(spot({ faces: 2 }), 'C3', table))) expect(v).toBeCloseTo(years, 9);
});

it('has its middle near the closed form at the middle of the inputs', () => {
  const years = (650 / (37.5 * 3.5)) ** (1 / 0.523);
  expect(at(spot()).p50! / years).toBeGreaterThan(0.8);
  expect(at(spot()).p50! / years).toBeLessThan(1.25);
});

it('is ordered in every lever, for any seed', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 1e6 }),
      fc.constantFrom('steel' as const, 'aluminium' as const),
      (seed, metal) => {
        const base = spot({ metal, galvanic: metal === 'aluminium' });
        const notLater = (worse: YearsToThrough, better: YearsToThrough) => {
          const [w, b] = [figures(worse), figures(better)];
          for (const i of [0, 1, 2]) expect(w[i]!).toBeLessThanOrEqual(b[i]!);
          expect(w[0]!).toBeLessThanOrEqual(w[2]!);
        };
        for (const [i, s] of STORAGES.entries())
          if (i > 0) notLater(at(base, s, T, seed), at(base, STORAGES[i - 1]!, T, seed));
        for (const [i, stage] of OPEN_STAGES.entries())
          if (i > 0)
            notLater(at({ ...base, stage }, 'C4', T, seed), at({ ...base, stage: OPEN_STAGES[i - 1]! }, 'C4', T, seed));
        notLater(at({ ...base, faces: 2 }, 'C4', T, seed), at(base, 'C4', T, seed));
        notLater(at(base, 'C4', T, seed), at({ ...base, sheetMm: [1.2, 1.2] }, 'C4', T, seed));
        notLater(at(base, 'C4', T, seed), at({ ...base, moving: 'steady' }, 'C4', T, seed));
        notLater(at(base, 'C4', T, seed), at({ ...base, treated: true }, 'C4', T, seed));
        notLater(at({ ...base, galvanic: true }, 'C4', T, seed), at({ ...base, galvanic: false }, 'C4', T, seed));
      },
    ),
    { numRuns: 12, seed: 5 },
  );
});

it('says nothing beyond fifty years, and nothing of what cannot happen', () => {
  expect(at(spot({ stage: 'film' }), 'C1')).toEqual({ p10: null, p50: null, p90: null });
  expect(at(spot({ sheetMm: [0.2, 0.2], stage: 'scale' }), 'C5')).toEqual({ p10: 0, p50: 0, p90: 0 });
});

it('foretells the first hole of a car not later than any spot’s, and none without a spot', () => {
  const spots = [spot(), spot({ stage: 'scale', faces: 2 }), spot({ sheetMm: [1.6, 3] })];
  const [inland, coast] = forecast(spots, T, { storages: ['C2', 'C5'], seed: 3, draws: 2000 })!;
  for (const f of [inland!, coast!])
    for (const s of f.spots)
      for (const i of [0, 1, 2]) expect(figures(f.first)[i]!).toBeLessThanOrEqual(figures(s)[i]!);
  expect(figures(coast!.first)[1]!).toBeLessThan(figures(inland!.first)[1]!);
  expect(forecast([], T, { storages: ['C3'], seed: 3, draws: 200 })).toEqual([
    { storage: 'C3', spots: [], first: { p10: null, p50: null, p90: null } },
  ]);
});

it('draws the same for the same seed, another for another, and stops when it is told to', () => {
  expect(at(spot(), 'C3', T, 7)).toEqual(at(spot(), 'C3', T, 7));
  expect(at(spot(), 'C3', T, 8)).not.toEqual(at(spot(), 'C3', T, 7));
  const told: number[] = [];
  const stopped = forecast([spot(), spot(), spot()], T, {
    storages: ['C3'],
    seed: 1,
    draws: 200,
    onProgress: (share) => told.push(share) < 2,
  });
  expect([stopped, told]).toEqual([null, [0, 1 / 3]]);
});
