import { z } from 'zod';
import { AXES, type Axis } from '../catalogue/axes';
import { between, placeBetween } from '../stats/between';
import { normalCdf, normalQuantile } from '../stats/normal';
import { LENSES } from './tables';

const margin = z.tuple([
  /** Share of such places with anything to put right. */
  z.number().min(0).max(1),
  /** Mean and standard deviation of ln(share lost) where there is something. */
  z.number(),
  z.number().positive(),
]);
const perAge = z.array(z.array(z.number()));
const doubt = z.object({
  at: z.array(z.number()).min(2),
  mid: z.array(z.number()),
  low: z.array(z.number()),
  high: z.array(z.number()),
});

/**
 * What cars of an age are like, measured on made ones: how often and how much places of a kind have lost, how alike those of
 * one car are, how far a grade lies off by what was not seen, and where grades lie among cars of the age.
 */
export const yardstickSchema = z.object({
  source: z.string(),
  /** Digest of the numbers that it was made from. */
  madeFrom: z.string(),
  cars: z.number().int().positive(),
  ages: z.array(z.number()).min(2),
  kinds: z.record(
    z.string(),
    z.object({
      axis: z.enum(AXES),
      /** Correlation of such a place with what its axis is like on the whole car. */
      load: z.number().min(0).max(0.99),
      /** Shares of the loss there that are age on the works' finish, and that lie hidden. */
      patina: z.number().min(0).max(1),
      hidden: z.number().min(0).max(1),
      at: z.array(margin),
    }),
  ),
  /** Correlation of one axis of a car with the others. */
  acrossAxes: z.number().min(0).max(1),
  /**
   * Where a full look's grade lies against what was reckoned without: the middle of cars, and how far below and above that
   * 8 of 10 of them; points. Of an axis by the share of it that is unseen, of the whole by the doubt of its axes as the lens
   * weighs them.
   */
  doubt: z.object({
    axes: z.record(z.enum(AXES), doubt),
    lenses: z.record(z.enum(LENSES), doubt),
  }),
  /** Grades at these shares of cars, by age. */
  ranks: z.object({
    shares: z.array(z.number()),
    axes: z.record(z.enum(AXES), perAge),
    lenses: z.record(z.enum(LENSES), perAge),
  }),
});
export type Yardstick = z.infer<typeof yardstickSchema>;
export type Kind = Yardstick['kinds'][string];
export type Margin = Kind['at'][number];

/** A kind's margin at an age, straight between the ages of the table. */
export function marginAt(kind: Kind, age: number, ages: readonly number[]): Margin {
  const [i, t] = placeBetween(age, ages);
  const [a, b] = [kind.at[i]!, kind.at[i + 1]!];
  return [between(a[0], b[0], t), between(a[1], b[1], t), between(a[2], b[2], t)];
}

/** The kind of a place; where a car has a kind of place that the made ones do not have, the commonest of its axis. */
export function kindOf(kind: string, axis: Axis, yardstick: Yardstick): Kind {
  const own = yardstick.kinds[kind] ?? Object.values(yardstick.kinds).find((k) => k.axis === axis);
  if (!own) throw new Error(`the yardstick knows no place of the axis ${axis}`);
  return own;
}

/**
 * How bad a place is on a normal scale, given the share that it lost: the quantile of its kind's margin; for none at all the
 * mean of the part of the scale that lies below the first loss (ordered scores, Johnson & Albert, Ordinal Data Modeling, ch. 4).
 */
export function score(share: number, [p, meanLog, sdLog]: Margin): number {
  const sound = Math.min(0.999, Math.max(0.001, 1 - p));
  const from = normalQuantile(sound);
  if (share <= 0) return -Math.exp(-0.5 * from * from) / Math.sqrt(2 * Math.PI) / sound;
  const within = normalCdf((Math.log(share) - meanLog) / sdLog);
  return Math.min(3, normalQuantile(sound + (1 - sound) * Math.min(0.9999, within)));
}

/** Per cent of cars of that age whose grade lies below a value. */
export function rankOf(
  value: number,
  byAge: readonly (readonly number[])[],
  age: number,
  yardstick: Yardstick,
): number {
  const [i, t] = placeBetween(age, yardstick.ages);
  const { shares } = yardstick.ranks;
  const at = (k: number) => between(byAge[i]![k]!, byAge[i + 1]![k]!, t);
  const above = shares.findIndex((_, k) => at(k) >= value);
  if (above === 0) return 0;
  if (above < 0) return 100;
  const [low, high] = [at(above - 1), at(above)];
  const within = high > low ? (value - low) / (high - low) : 1;
  return 100 * between(shares[above - 1]!, shares[above]!, within);
}

export interface Doubt {
  readonly low: number;
  readonly high: number;
}

type DoubtTable = z.infer<typeof doubt>;

/** How far below and above a grade the truth may lie, in points; never falls with what it goes by. */
export function doubtAt(of: DoubtTable, by: number): Doubt {
  const [i, t] = placeBetween(by, of.at);
  return { low: between(of.low[i]!, of.low[i + 1]!, t), high: between(of.high[i]!, of.high[i + 1]!, t) };
}

/** Where the middle of cars turned out to lie against what was reckoned, in points. */
export function middleAt({ at, mid }: DoubtTable, by: number): number {
  const [i, t] = placeBetween(by, at);
  return between(mid[i]!, mid[i + 1]!, t);
}

/**
 * What the doubt of a whole goes by: a power mean of the doubt of its axes, as weighed. With a power above 1 one axis in much
 * doubt counts for more than many in little, as it does in the whole.
 */
export const doubtOfAxes = (
  weigh: (of: (axis: Axis) => number) => number,
  axes: Readonly<Record<Axis, Doubt>>,
  power: number,
): number => weigh((a) => ((axes[a].low + axes[a].high) / 2) ** power) ** (1 / power);
