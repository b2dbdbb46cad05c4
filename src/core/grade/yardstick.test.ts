import { placeBetween } from '../stats/between';
import { normalCdf } from '../stats/normal';
import { doubtAt, doubtOfAxes, type Margin, marginAt, middleAt, rankOf, score, yardstickSchema } from './yardstick';
import { SHIPPED_YARDSTICK as y } from './yardstick-table';

it('is shipped as its schema says, with every axis and lens', () => {
  expect(yardstickSchema.parse(y)).toEqual(y);
  expect(Object.keys(y.doubt.axes)).toHaveLength(9);
  expect(Object.keys(y.ranks.lenses)).toHaveLength(4);
  expect(y.cars).toBeGreaterThan(19_900);
});

it('finds an age between those of a table, and stays at the ends', () => {
  expect(placeBetween(32.5, [10, 25, 40])).toEqual([1, 0.5]);
  expect(placeBetween(3, [10, 25, 40])).toEqual([0, 0]);
  expect(placeBetween(99, [10, 25, 40])).toEqual([1, 1]);
});

it('scores a clean place by the mean of the sound part of the scale, and a loss by its quantile', () => {
  const half: Margin = [0.5, Math.log(0.1), 1];
  // Worked by hand: the mean of the lower half of the standard normal is −√(2/π); the median loss lies at the 75 % point.
  expect(score(0, half)).toBeCloseTo(-Math.sqrt(2 / Math.PI), 6);
  expect(normalCdf(score(0.1, half))).toBeCloseTo(0.75, 6);
});

it('scores more as worse, and nothing as best', () => {
  const m: Margin = [0.3, -1.5, 0.9];
  const scores = [0, 0.01, 0.05, 0.2, 0.5, 0.97].map((s) => score(s, m));
  for (let i = 1; i < scores.length; i++) expect(scores[i]!).toBeGreaterThan(scores[i - 1]!);
});

it('ranks by the share of cars below, never falling', () => {
  const byAge = y.ranks.lenses.keeper!;
  const ranks = Array.from({ length: 101 }, (_, v) => rankOf(v, byAge, 58, y));
  expect([ranks[0], ranks[100]]).toEqual([0, 100]);
  for (let i = 1; i < ranks.length; i++) expect(ranks[i]!).toBeGreaterThanOrEqual(ranks[i - 1]!);
  const median = byAge[3]![y.ranks.shares.indexOf(0.5)]!;
  expect(rankOf(median, byAge, y.ages[3]!, y)).toBeCloseTo(50, 6);
});

it('expects more of an older car in every common kind of place', () => {
  for (const kind of ['paint@outside', 'corrosion@underneath', 'trim@cabin', 'rubber@outside'])
    expect(marginAt(y.kinds[kind]!, 90, y.ages)[0]).toBeGreaterThan(marginAt(y.kinds[kind]!, 25, y.ages)[0]);
});

it('never narrows with more unseen, and is no doubt with nothing unseen', () => {
  for (const table of [...Object.values(y.doubt.axes), ...Object.values(y.doubt.lenses)]) {
    expect([table.low[0], table.high[0], table.mid[0]]).toEqual([0, 0, 0]);
    expect([doubtAt(table, 0), middleAt(table, 0)]).toEqual([{ low: 0, high: 0 }, 0]);
    for (let i = 1; i < table.at.length; i++) {
      expect(table.low[i]!).toBeGreaterThanOrEqual(table.low[i - 1]!);
      expect(table.high[i]!).toBeGreaterThanOrEqual(table.high[i - 1]!);
      expect(table.at[i]!).toBeGreaterThan(table.at[i - 1]!);
    }
  }
});

it('goes by the doubt of the axes as they are weighed', () => {
  const none = { low: 0, high: 0 };
  const axes = Object.fromEntries(Object.keys(y.doubt.axes).map((a) => [a, none]));
  const doubts = { ...axes, metal: { low: 10, high: 20 } } as Parameters<typeof doubtOfAxes>[1];
  const weigh = (of: (a: 'metal' | 'cabin') => number) => 0.25 * of('metal') + 0.75 * of('cabin');
  expect(doubtOfAxes(weigh, doubts, 1)).toBeCloseTo(3.75, 9);
  // Worked by hand: the root of a quarter of 15².
  expect(doubtOfAxes(weigh, doubts, 2)).toBeCloseTo(7.5, 9);
});
