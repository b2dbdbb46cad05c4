import { summarise } from './seam-summary';

const at = (sMm: number, value: number | null, half = 0.128) => ({
  sMm,
  widthMm: value === null ? null : { value, low: value - half, high: value + half, n: 1 },
});

it('sums a seam up: mean, range, taper, as worked by hand', () => {
  // 4.0 to 5.0 over 100 mm in even steps: 1 mm per 100 mm, mean 4.5, range 1.
  const s = summarise(
    [0, 25, 50, 75, 100].map((p) => at(p, 4 + p / 100)),
    0,
  );
  expect(s.meanMm.value).toBeCloseTo(4.5, 12);
  expect(s.rangeMm).toBeCloseTo(1, 12);
  expect(s.taperMmPer100.value).toBeCloseTo(1, 12);
  expect(s.steps).toEqual([]);
  // Each place ±0.1 (one standard deviation): half of the variance shared, the other averaged over five.
  expect((s.meanMm.high! - s.meanMm.low!) / 2).toBeCloseTo(1.2816 * Math.sqrt(0.01 / 2 + 0.01 / 10), 2);
});

it('does not average out an error that all widths share', () => {
  const many = Array.from({ length: 60 }, (_, i) => at(5 * i, 5));
  const { meanMm } = summarise(many, 0.02);
  expect((meanMm.high! - meanMm.low!) / 2).toBeGreaterThan(1.28 * 0.02 * 5);
});

it('is not led by one wild place, and says where the gap jumps and stays', () => {
  const wild = summarise([at(0, 4), at(10, 4.1), at(20, 9), at(30, 4.3), at(40, 4.4), at(50, 4.5)], 0);
  expect(wild.taperMmPer100.value).toBeCloseTo(1, 1);
  expect(wild.steps).toEqual([]);
  const stepped = summarise(
    [4, 4, 4, 4, 5.2, 5.2, 5.2, 5.2].map((v, i) => at(10 * i, v)),
    0,
  );
  expect(stepped.steps).toHaveLength(1);
  expect(stepped.steps[0]!.sMm).toBe(35);
  expect(stepped.steps[0]!.jumpMm).toBeGreaterThan(0.6);
});

it('says nothing of a seam without a place, and no taper of two', () => {
  const none = summarise([at(0, null)], 0.1);
  expect(none).toEqual({
    meanMm: { value: null, low: null, high: null, n: 0 },
    rangeMm: 0,
    taperMmPer100: { value: null, low: null, high: null, n: 0 },
    steps: [],
  });
  const two = summarise([at(0, 4), at(10, 5), at(20, null)], 0);
  expect(two.meanMm).toMatchObject({ value: 4.5, n: 2 });
  expect(two.taperMmPer100.value).toBeNull();
});
