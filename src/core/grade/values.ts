import { AXES, type Axis } from '../catalogue/axes';
import { endingsOf, type Judgement, originalOf, type ShutGate } from '../judge/judge';
import { axisValue, type Losses } from './axes';
import { capOf } from './caps';
import { expectedLosses } from './expect';
import type { GradedBy } from './graded-by';
import type { Piece } from './pieces';
import { LENSES, type Lens } from './tables';
import { wholeOf } from './whole';
import { type Doubt, doubtAt, type Yardstick } from './yardstick';

/** A car's figures without their doubt: each axis as all schools see it, and the whole with its axes as each sees them. */
export interface CarValues {
  readonly axes: Readonly<Record<Axis, number>>;
  readonly lenses: Readonly<Record<Lens, { readonly axes: Readonly<Record<Axis, number>>; readonly whole: number }>>;
}

const forAxes = <T>(of: (axis: Axis) => T) => Object.fromEntries(AXES.map((a) => [a, of(a)])) as Record<Axis, T>;

/** The pieces of each axis. */
export function byAxis(pieces: readonly Piece[]): Readonly<Record<Axis, readonly Piece[]>> {
  const own = forAxes((): Piece[] => []);
  for (const p of pieces) own[p.axis].push(p);
  return own;
}

/** What a judged car lost, with what is to be reckoned with where not all of it was seen. */
export function lossesOfCar(
  judgement: Judgement,
  pieces: readonly Piece[],
  ageYears: number,
  yardstick: Yardstick,
): Losses {
  return {
    pieces: byAxis(pieces),
    expected: expectedLosses(pieces, ageYears, yardstick),
    original: originalOf(judgement),
    ends: endingsOf(judgement).length,
  };
}

/** Axes and wholes of a car; gates hold down the axes that they cap as schools see them, and not yet the whole. */
export function carValues(lost: Losses, gates: readonly ShutGate[], by: GradedBy): CarValues {
  const under = (lens: Lens) => {
    const own = by.grade.lenses[lens]!;
    const axes = forAxes((a) => Math.min(capOf(a, gates), axisValue(a, lost, own, by)));
    return { axes, whole: wholeOf(axes, own, by.grade.exponent) };
  };
  return {
    axes: forAxes((a) => axisValue(a, lost, null, by)),
    lenses: Object.fromEntries(LENSES.map((l) => [l, under(l)])) as CarValues['lenses'],
  };
}

/**
 * Of each axis, by effort: what was not seen at all, what nobody said is clean, and what leaves it in doubt (all that was not
 * seen, and part of what nobody said is clean).
 */
export type Unseen = Readonly<
  Record<Axis, { readonly unseen: number; readonly unsaid: number; readonly doubtful: number }>
>;

export function unseenOf({ pieces }: Pick<Losses, 'pieces'>, partly: number): Unseen {
  return forAxes((axis) => {
    let [whole, unseen, half] = [0, 0, 0];
    for (const p of pieces[axis]) {
      whole += p.whole;
      if (p.state === 'unseen') unseen += p.whole;
      if (p.state === 'partly') half += p.whole;
    }
    if (whole === 0) return { unseen: 1, unsaid: 1, doubtful: 1 };
    return { unseen: unseen / whole, unsaid: (unseen + half) / whole, doubtful: (unseen + partly * half) / whole };
  });
}

/** How far each axis may lie off by what was not seen, or by what nobody said is clean. */
export const doubtsOf = (
  unseen: Unseen,
  yardstick: Pick<Yardstick, 'doubt'>,
  by: 'doubtful' | 'unsaid' = 'doubtful',
): Readonly<Record<Axis, Doubt>> => forAxes((a) => doubtAt(yardstick.doubt.axes[a]!, unseen[a][by]));
