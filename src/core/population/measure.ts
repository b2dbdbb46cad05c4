import { AXES } from '../catalogue/axes';
import { LENSES } from '../grade/tables';
import type { Yardstick } from '../grade/yardstick';
import { quantile } from '../stats/quantile';
import { seeded } from '../stats/random';
import { doubtOf } from './doubt';
import { AGES, figuresOf, type Looked, lookAtMade, type Numbers } from './looked';
import { acrossOf, countPieces, type KindCount, kindsOf } from './margins';
import { round } from './round';

/** Shares of cars at which grades are told. */
const SHARES = [0, 0.02, 0.05, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 0.95, 0.98, 1];
const SEED = 20261126;
/** Cars of each age of which parts are hidden again to see how far off that puts the grade. */
const DOUBTED_PER_AGE = 900;

export type Progress = (done: number, of: number) => void;

/**
 * Measures made cars: margins of every kind of place by age, how far they go together, where grades lie among cars of an age,
 * and how far a grade lies off by what was not seen. `cars` of them, evenly over the ages; the same numbers, the same result.
 */
export function measureCars(
  cars: number,
  numbers: Numbers,
  madeFrom: string,
  progress: Progress = () => undefined,
): Yardstick {
  const perAge = Math.max(1, Math.round(cars / AGES.length));
  const random = seeded(SEED);
  const counts = new Map<string, KindCount>();
  const looked: Looked[] = [];
  // A fully seen car needs no yardstick: nothing is reckoned with.
  const blind = { grade: numbers.grade, yardstick: { kinds: {} } as Yardstick };
  const values = AGES.map((_, ageIndex) =>
    Array.from({ length: perAge }, (_, n) => {
      const car = lookAtMade(random, ageIndex, numbers);
      countPieces(counts, car);
      if (n < DOUBTED_PER_AGE) looked.push(car);
      if (n % 200 === 0) progress(ageIndex * perAge + n, AGES.length * perAge);
      return figuresOf(car.judgement, car.pieces, AGES[ageIndex]!, blind);
    }),
  );
  const sorted = (of: readonly number[]) => {
    const up = [...of].sort((a, b) => a - b);
    return SHARES.map((p) => round(quantile(up, p)!, 1));
  };
  const half: Omit<Yardstick, 'doubt'> = {
    source: 'cars made after the house’s own table of what is commonly found (core/population/incidence.ts)',
    madeFrom,
    cars: perAge * AGES.length,
    ages: [...AGES],
    kinds: kindsOf(counts),
    acrossAxes: round(Math.max(0, acrossOf(values.map((v) => v.map((f) => f.axes)))), 3),
    ranks: {
      shares: SHARES,
      axes: Object.fromEntries(AXES.map((a) => [a, values.map((v) => sorted(v.map((f) => f.axes[a])))])) as never,
      lenses: Object.fromEntries(LENSES.map((l) => [l, values.map((v) => sorted(v.map((f) => f.lenses[l])))])) as never,
    },
  };
  const by = { grade: numbers.grade, yardstick: half as Yardstick };
  return {
    ...half,
    doubt: doubtOf(
      looked,
      values.flatMap((v) => v.slice(0, DOUBTED_PER_AGE)),
      numbers,
      by,
      random,
    ),
  };
}
