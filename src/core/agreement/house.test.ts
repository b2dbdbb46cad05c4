import { chiSquareQuantile } from '../stats/chi-square';
import { normalDraw, seeded } from '../stats/random';
import { gaugesAgreement, houseAgreement, isOne, type PairOfLooks } from './house';

const day = (n: number) => new Date(Date.UTC(2026, 0, 1 + n)).toISOString();
const pair = (whole: number | null, n = 0, first = 'Ilse', second = 'Tomas'): PairOfLooks => ({
  first,
  second,
  at: day(n),
  whole,
});

it('has the quantiles of chi-square that tables print', () => {
  // NIST/SEMATECH e-Handbook of Statistical Methods, table 1.3.6.7.4.
  expect(chiSquareQuantile(0.975, 10)).toBeCloseTo(20.483, 3);
  expect(chiSquareQuantile(0.025, 10)).toBeCloseTo(3.247, 3);
});

it('says nothing of a spread from few pairs, and none of looks without a grade', () => {
  expect(houseAgreement([])).toEqual({ pairs: 0, judgementSd: null, people: [] });
  expect(houseAgreement([pair(2), pair(null), pair(-1)])).toMatchObject({ pairs: 2, judgementSd: null });
  expect(houseAgreement([pair(2), pair(-1)]).people.every((p) => p.bias === null && p.drift === null)).toBe(true);
});

it('finds the spread of one judgement from pairs, its interval holding it 95 times in 100', () => {
  const random = seeded(5);
  const SD = 2.4;
  let held = 0;
  const sds: number[] = [];
  for (let trial = 0; trial < 400; trial++) {
    const looks = Array.from({ length: 16 }, () => pair(SD * (normalDraw(random) - normalDraw(random))));
    const { sd, low, high } = houseAgreement(looks).judgementSd!;
    held += Number(low <= SD && SD <= high);
    sds.push(sd);
  }
  expect(sds.reduce((a, b) => a + b, 0) / sds.length).toBeCloseTo(SD, 0);
  expect(held / 400).toBeGreaterThan(0.92);
  expect(held / 400).toBeLessThan(0.98);
});

it('knows who grades higher than the others, whether first or second', () => {
  const looks = [
    ...[3, 2.5, 3.4, 2.8].map((d) => pair(d)),
    ...[-3.1, -2.7].map((d) => pair(d, 0, 'Tomas', 'Ilse')),
    ...[0.4, -0.3, 0.1].map((d) => pair(d, 0, 'Ilse', 'Petra')),
  ];
  const { people } = houseAgreement(looks);
  const of = (name: string) => people.find((p) => p.name === name)!;
  expect(of('Tomas').bias!.mean).toBeCloseTo(2.917, 3);
  expect([isOne(of('Tomas').bias), isOne(of('Petra').bias)]).toEqual([true, false]);
  expect(of('Ilse').pairs).toBe(9);
});

it('knows who drifts: two points more in thirty days', () => {
  const looks = [0, 15, 30, 45, 60, 75].map((n, i) => pair(n / 15 + (i % 2 ? 0.1 : -0.1), n));
  const tomas = houseAgreement(looks).people.find((p) => p.name === 'Tomas')!;
  expect(tomas.drift!.mean).toBeCloseTo(2, 1);
  expect(isOne(tomas.drift)).toBe(true);
  const steady = houseAgreement([0, 15, 30, 45, 60].map((n, i) => pair(i % 2 ? 0.5 : -0.5, n)));
  expect(isOne(steady.people[0]!.drift)).toBe(false);
  expect(houseAgreement([1, 2, 1, 2, 1].map((d) => pair(d))).people[0]!.drift).toBeNull();
});

it('knows which gauge reads more than the others, and says nothing of looks with one gauge or one that nobody named', () => {
  const gauges = (first: string, second: string, differUm: number, n = 0) => ({ first, second, differUm, at: day(n) });
  const { pairs } = gaugesAgreement(
    [
      ...[6, 5.5, 6.4].map((d) => gauges('Old', 'New', d)),
      ...[-5.8, -6.1].map((d) => gauges('New', 'Old', d)),
      gauges('Old', 'Old', 40),
      gauges('', 'New', 40),
    ],
    [],
  );
  expect(pairs.map((p) => [p.name, p.pairs, isOne(p.bias)])).toEqual([
    ['New', 5, true],
    ['Old', 5, true],
  ]);
  expect(pairs[0]!.bias!.mean).toBeCloseTo(5.96, 2);
});

it('sees a gauge drift from its foil by its checks alone', () => {
  const checks = (of: (n: number) => number, gauge = 'Survey gauge') =>
    [0, 10, 20, 30, 40, 50].map((n, i) => ({ gauge, at: day(n), offUm: of(n) + (i % 2 ? 0.2 : -0.2) }));
  const { foils } = gaugesAgreement(
    [],
    [...checks((n) => n / 10), ...checks(() => 0.1, 'Steady'), ...checks(() => 9, '')],
  );
  expect(foils.map((f) => [f.name, isOne(f.drift)])).toEqual([
    ['Steady', false],
    ['Survey gauge', true],
  ]);
  expect(foils[1]!.drift!.mean).toBeCloseTo(3, 0);
  expect(gaugesAgreement([], [{ gauge: 'New', at: day(0), offUm: 1 }]).foils).toEqual([
    { name: 'New', pairs: 1, bias: null, drift: null },
  ]);
});
