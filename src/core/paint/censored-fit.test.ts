import fc from 'fast-check';
import {
  type CensoredSample,
  type FilmPrior,
  fitCensored,
  lnMedianMoments,
  lnMedianQuantile,
  logEvidence,
  medianEstimate,
  poolWith,
  shareAboveCut,
  spreadEstimate,
} from './censored-fit';

const medianOf = (sample: CensoredSample, prior: FilmPrior) => medianEstimate(fitCensored(sample, prior)!, sample);

const FLAT: FilmPrior = { lnMedian: { mean: 5, sd: 50 }, lnSpread: { mean: -1.5, sd: 50 } };
const WEAK: FilmPrior = {
  lnMedian: { mean: Math.log(220), sd: Math.log(3.2) },
  lnSpread: { mean: Math.log(0.2), sd: Math.log(2.1) },
};
const thickness = fc.double({ min: 40, max: 480, noNaN: true });
const sample = fc.record({
  readUm: fc.array(thickness, { minLength: 1, maxLength: 14 }),
  overUm: fc.array(fc.constant(500), { maxLength: 8 }),
});

it('is a proper posterior whatever is read', () => {
  fc.assert(
    fc.property(sample, (s) => {
      const fit = fitCensored(s, WEAK)!;
      const sum = fit.posterior.reduce((a, b) => a + b, 0);
      return Math.abs(sum - 1) < 1e-9 && fit.posterior.every((p) => p >= 0 && Number.isFinite(p));
    }),
    { seed: 21, numRuns: 40 },
  );
});

it('orders its quantiles and keeps the value inside its interval', () => {
  fc.assert(
    fc.property(sample, (s) => {
      const fit = fitCensored(s, WEAK)!;
      const q = [0.05, 0.1, 0.5, 0.9, 0.95].map((p) => lnMedianQuantile(fit, p));
      const { value, low, high } = medianEstimate(fit, s);
      const spread = spreadEstimate(fit);
      const ordered = q.every((v, i) => i === 0 || v >= q[i - 1]!);
      return (
        ordered &&
        (value === null || (low! <= value && value <= Math.max(high!, 500))) &&
        spread.low! <= spread.value! &&
        spread.value! <= spread.high!
      );
    }),
    { seed: 22, numRuns: 40 },
  );
});

it('does not mind the order of readings', () => {
  const values = [118, 240, 131, 127, 310];
  const a = medianOf({ readUm: values, overUm: [500] }, WEAK);
  const b = medianOf({ readUm: [...values].reverse(), overUm: [500] }, WEAK);
  expect(b.value!).toBeCloseTo(a.value!, 6);
});

it('scales with the unit: twice the thickness, twice the median', () => {
  const values = [118, 124, 131, 127, 140];
  const one = lnMedianMoments(fitCensored({ readUm: values, overUm: [] }, FLAT)!);
  const two = lnMedianMoments(fitCensored({ readUm: values.map((v) => 2 * v), overUm: [] }, FLAT)!);
  expect(two.mean - one.mean).toBeCloseTo(Math.LN2, 3);
  expect(two.sd).toBeCloseTo(one.sd, 3);
});

it('has the geometric mean as its median where nothing is censored and the belief is flat', () => {
  const values = [100, 120, 150, 180, 90, 130];
  const mean = values.reduce((s, v) => s + Math.log(v), 0) / values.length;
  expect(lnMedianQuantile(fitCensored({ readUm: values, overUm: [] }, FLAT)!, 0.5)).toBeCloseTo(mean, 2);
});

it('narrows as readings are added', () => {
  const width = (n: number) => {
    const sample = { readUm: Array.from({ length: n }, (_, i) => 120 + (i % 5) * 4), overUm: [] };
    const { low, high } = medianOf(sample, WEAK);
    return high! - low!;
  };
  expect(width(5)).toBeLessThan(width(2));
  expect(width(20)).toBeLessThan(width(5));
  expect(width(80)).toBeLessThan(width(20));
});

it('learns more from a value than from the same place over the ceiling', () => {
  const read = spreadEstimate(fitCensored({ readUm: [300, 320, 310, 330], overUm: [] }, WEAK)!);
  const censored = spreadEstimate(fitCensored({ readUm: [], overUm: [300, 320, 310, 330] }, WEAK)!);
  expect(censored.high! - censored.low!).toBeGreaterThan(read.high! - read.low!);
});

it('finds more evidence for a belief that fits', () => {
  const fit = fitCensored({ readUm: [118, 121, 126, 119, 124], overUm: [] }, WEAK)!;
  const belief = (um: number, spread: number): FilmPrior => ({
    lnMedian: { mean: Math.log(um), sd: 0.25 },
    lnSpread: { mean: Math.log(spread), sd: 0.4 },
  });
  expect(logEvidence(fit, belief(120, 0.1))).toBeGreaterThan(logEvidence(fit, belief(250, 0.1)));
  expect(logEvidence(fit, belief(120, 0.1))).toBeGreaterThan(logEvidence(fit, belief(120, 0.5)));
});

it('takes different ceilings apart: the lowest one met is what the median exceeds', () => {
  const s = { readUm: [], overUm: [500, 1500, 500] };
  expect(medianEstimate(fitCensored(s, WEAK)!, s)).toEqual({ value: null, low: 500, high: null, n: 3 });
});

it('reads gauges of different ceilings together: the median lies in its own interval', () => {
  // Two points that a 500 µm gauge could not read through, three that a 2,000 µm gauge read.
  const mixed = medianOf({ readUm: [1500, 1600, 1550], overUm: [500, 500] }, WEAK);
  expect(mixed.value).toBeGreaterThan(1200);
  expect(mixed.value).toBeLessThan(1800);
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 40, max: 1900, noNaN: true }), { minLength: 1, maxLength: 12 }),
      fc.array(fc.constantFrom(500, 1000, 2000), { maxLength: 6 }),
      (readUm, overUm) => {
        const { value, low, high } = medianOf({ readUm, overUm }, WEAK);
        return value === null ? low === Math.min(...overUm) && high === null : low! <= value && value <= high!;
      },
    ),
    { seed: 64, numRuns: 60 },
  );
});

describe('sums over the grid against the same sums written out cell by cell', () => {
  const ln = (belief: FilmPrior, m: number, t: number) =>
    -0.5 * ((m - belief.lnMedian.mean) / belief.lnMedian.sd) ** 2 -
    0.5 * ((t - belief.lnSpread.mean) / belief.lnSpread.sd) ** 2 -
    Math.log(belief.lnMedian.sd * belief.lnSpread.sd);
  const cells = (readUm: number[], overUm: number[]) => {
    const fit = fitCensored({ readUm, overUm }, WEAK)!;
    const w = fit.lnMedians.length;
    return {
      fit,
      all: [...fit.likelihood].map((l, k) => ({ l, m: fit.lnMedians[k % w]!, t: fit.lnSpreads[Math.floor(k / w)]! })),
    };
  };
  const near: FilmPrior = {
    lnMedian: { mean: Math.log(130), sd: 0.1 },
    lnSpread: { mean: Math.log(0.12), sd: 0.3 },
  };
  const samples: [number[], number[]][] = [
    [[118, 124, 131, 140], []],
    [
      [210, 480, 130],
      [500, 500],
    ],
    [[], [500, 500, 2000]],
    [[44], []],
  ];
  it.each(samples)('read %j, over %j', (readUm, overUm) => {
    const { fit, all } = cells(readUm, overUm);
    const evidence = all.reduce((s, { l, m, t }) => s + l * Math.exp(ln(near, m, t)), 0);
    expect(logEvidence(fit, near) - fit.lnTop).toBeCloseTo(Math.log(evidence), 9);
    const beliefs = all.map(({ l, m, t }) => l * (0.3 * Math.exp(ln(WEAK, m, t)) + 0.7 * Math.exp(ln(near, m, t))));
    const whole = beliefs.reduce((s, b) => s + b, 0);
    const pooled = poolWith(fit, WEAK, near, 0.7);
    expect(Math.max(...beliefs.map((b, k) => Math.abs(b / whole - pooled.posterior[k]!)))).toBeLessThan(1e-12);
    const w = fit.lnMedians.length;
    pooled.medianWeights.forEach((weight, i) => {
      let own = 0;
      for (let k = i; k < pooled.posterior.length; k += w) own += pooled.posterior[k]!;
      expect(weight).toBeCloseTo(own, 12);
    });
    expect(shareAboveCut(pooled, 1).value).toBeGreaterThan(0.99);
    expect(shareAboveCut(pooled, 60_000).value).toBeLessThan(0.05);
  });

  it('lets readings speak for themselves where a belief holds them for impossible', () => {
    const certain: FilmPrior = { lnMedian: { mean: 2, sd: 1e-4 }, lnSpread: { mean: -2, sd: 1e-4 } };
    const fit = fitCensored({ readUm: [480, 481, 482, 480, 481], overUm: [] }, certain)!;
    expect(fit.posterior.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
    expect(fit.posterior.every(Number.isFinite)).toBe(true);
  });
});

it('says that a belief is out of the question instead of failing', () => {
  const fit = fitCensored({ readUm: [100, 101, 102, 100, 99], overUm: [] }, WEAK)!;
  const elsewhere: FilmPrior = { lnMedian: { mean: Math.log(9000), sd: 0.001 }, lnSpread: { mean: -2, sd: 0.3 } };
  expect(logEvidence(fit, elsewhere)).toBeLessThan(logEvidence(fit, WEAK) - 1000);
});
