import { AXES, type Axis } from '../catalogue/axes';
import type { GradedBy } from '../grade/graded-by';
import { piecesOf } from '../grade/pieces';
import { LENSES } from '../grade/tables';
import { byAxis, doubtsOf, unseenOf } from '../grade/values';
import { weighed } from '../grade/whole';
import { doubtOfAxes, type Yardstick } from '../grade/yardstick';
import { quantile } from '../stats/quantile';
import type { Random } from '../stats/random';
import { judgeMade } from './judge-made';
import { AGES, type Figures, figuresOf, type Looked, type Numbers, partOfALook } from './looked';
import { round } from './round';

/** Shares unseen at which doubt is told. */
const UNSEEN = [0, 0.04, 0.1, 0.2, 0.35, 0.55, 0.75, 1];

interface Miss {
  /** What it goes by: the share unseen, or the doubt of the axes. */
  readonly at: number;
  readonly by: number;
}

/** Where full looks lie: their middle, never rising, and eight of ten below and above it, never falling with what it goes by. */
function doubtFrom(misses: readonly Miss[], at: readonly number[]): Yardstick['doubt']['axes'][Axis] {
  const [mid, low, high] = [[0], [0], [0]];
  for (let k = 1; k < at.length; k++) {
    const from = (at[k - 1]! + at[k]!) / 2;
    const to = k === at.length - 1 ? Infinity : (at[k]! + at[k + 1]!) / 2;
    const near = misses.filter((m) => m.at >= from && m.at < to).map((m) => m.by);
    near.sort((a, b) => a - b);
    const middle = quantile(near, 0.5) ?? 0;
    // Looking less must not make a car better.
    mid.push(round(Math.min(mid[k - 1]!, middle), 2));
    low.push(round(Math.max(low[k - 1]!, middle - (quantile(near, 0.1) ?? 0)), 2));
    high.push(round(Math.max(high[k - 1]!, (quantile(near, 0.9) ?? 0) - middle), 2));
  }
  return { at: [...at], mid, low, high };
}

/** Shares of the looks tried at which the doubt of the whole is told. */
const LOOKS = [0.08, 0.2, 0.35, 0.5, 0.65, 0.8, 0.9, 0.97];

/** Where looks lie by what their doubt goes by, from none on. */
function knotsOf(misses: readonly Miss[]): number[] {
  const up = misses.map((m) => m.at).sort((a, b) => a - b);
  const knots = LOOKS.map((p) => round(quantile(up, p)!, 2));
  return [0, ...knots.filter((k, i) => k > (knots[i - 1] ?? 0))];
}

/** Hides parts of cars that were seen whole, grades what is left, and says how far off that was. */
export function doubtOf(
  looked: readonly Looked[],
  full: readonly Figures[],
  numbers: Numbers,
  by: GradedBy,
  random: Random,
): Yardstick['doubt'] {
  const tried = looked.map(({ plan, made, ageIndex }) => {
    const judgement = judgeMade(plan, made, numbers, partOfALook(random));
    const pieces = piecesOf(judgement);
    return {
      guess: figuresOf(judgement, pieces, AGES[ageIndex]!, by),
      unseen: unseenOf({ pieces: byAxis(pieces) }, numbers.grade.partlySeen),
    };
  });
  const axes = Object.fromEntries(
    AXES.map((a) => [
      a,
      doubtFrom(
        tried.map((t, i) => ({ at: t.unseen[a].doubtful, by: full[i]!.axes[a] - t.guess.axes[a] })),
        UNSEEN,
      ),
    ]),
  ) as Yardstick['doubt']['axes'];
  const doubts = tried.map((t) => doubtsOf(t.unseen, { doubt: { axes, lenses: {} as never } }));
  const lenses = Object.fromEntries(
    LENSES.map((l) => {
      const misses = tried.map((t, i) => ({
        at: doubtOfAxes((of) => weighed(numbers.grade.lenses[l]!, of), doubts[i]!, numbers.grade.doubtTogether),
        by: full[i]!.lenses[l] - t.guess.lenses[l],
      }));
      return [l, doubtFrom(misses, knotsOf(misses))];
    }),
  ) as Yardstick['doubt']['lenses'];
  return { axes, lenses };
}
