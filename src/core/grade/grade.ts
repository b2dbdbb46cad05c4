import { AXES, type Axis } from '../catalogue/axes';
import { endingsOf, type Judgement, type ShutGate, shutGates } from '../judge/judge';
import type { Gate } from '../judge/models';
import type { Ending } from '../model/model';
import type { Estimate } from '../stats/estimate';
import { Z_90 } from '../stats/normal';
import { type AxisLoss, axisLosses, lossOf } from './axes';
import { capOf, clamp } from './caps';
import type { GradedBy } from './graded-by';
import { type RepairMover, repairMovers, type UnseenMover, unseenMovers } from './movers';
import { type Piece, piecesOf } from './pieces';
import { type Presents, presentsCleanFrom } from './presents';
import { LENSES, type Lens } from './tables';
import { type CarValues, carValues, doubtsOf, lossesOfCar, type Unseen, unseenOf } from './values';
import { bandName, bandsBetween, type WholeGrade, weighed } from './whole';
import { type Doubt, doubtAt, doubtOfAxes, middleAt, rankOf } from './yardstick';

export interface AxisGrade {
  readonly axis: Axis;
  readonly grade: Estimate;
  readonly seen: number;
  /** Where it lies among cars of its age, 0 to 100 %. */
  readonly forItsYears: number;
  readonly capped: boolean;
  /** What it lost, making up the difference to 100, dearest first. */
  readonly losses: readonly AxisLoss[];
}

export interface Grade {
  readonly axes: readonly AxisGrade[];
  readonly whole: readonly WholeGrade[];
  readonly presents: Presents;
  /** Places where a look would narrow the grade most, and findings whose repair would raise it most. */
  readonly unseenMovers: readonly UnseenMover[];
  readonly repairMovers: readonly RepairMover[];
  readonly gates: readonly Gate[];
  /** What ends the use of the car. */
  readonly endings: readonly Ending[];
}

/** Age assumed for a car whose year is not stated, years; house value. */
const AGE_WHEN_UNKNOWN = 50;

/** What putting each finding right takes, in the house's currency. */
function effortsOf({ findings }: Judgement): Map<string, number> {
  const efforts = new Map<string, number>();
  for (const { finding, effort } of findings.losses) efforts.set(finding, (efforts.get(finding) ?? 0) + effort);
  return efforts;
}

/** A value with its doubt: by what was not seen, and by what any judgement is in doubt; held down by a cap. */
function withDoubt(
  value: number,
  by: { low: number; high: number },
  judgementSd: number,
  cap: number,
  n: number,
): Estimate {
  const own = Z_90 * judgementSd;
  const at = (v: number) => Math.min(cap, clamp(v));
  return { value: at(value), low: at(value - Math.hypot(by.low, own)), high: at(value + Math.hypot(by.high, own)), n };
}

/**
 * Grades a car as it was judged: nine axes 0 to 100 with 10 and 90 % points and what each lost, the whole under four lenses,
 * both as it stands and among cars of its age (on the year of the sale), from how far the outside presents clean, and what
 * would move the grade. What was not seen is reckoned as on cars of that age like this one, and the interval is as wide as
 * full looks turned out to differ where as much was not seen; it narrows only by looking. Pure; refuses nothing.
 */
export function gradeCar(judgement: Judgement, onYear: number, by: GradedBy): Grade {
  const { car, plan, records } = judgement;
  const { grade: tables, yardstick } = by;
  const ageYears = car?.year ? Math.max(0, onYear - car.year) : AGE_WHEN_UNKNOWN;
  const pieces = piecesOf(judgement);
  const gates = shutGates(judgement);
  const endings = endingsOf(judgement);
  const lost = lossesOfCar(judgement, pieces, ageYears, yardstick);
  const unseen = unseenOf(lost, tables.partlySeen);
  const values = carValues(lost, gates, by);
  const doubts = doubtsOf(unseen, yardstick);
  const unsaid = doubtsOf(unseen, yardstick, 'unsaid');
  const ends = new Map(endings.flatMap((e) => e.findings.map((f) => [f, 1 / e.findings.length] as const)));
  return {
    axes: AXES.map((a) =>
      axisGrade(
        a,
        values.axes[a],
        axisLosses(a, lost, by),
        lost.pieces[a],
        { ...unseen[a], doubt: doubts[a] },
        gates,
        ageYears,
        by,
      ),
    ),
    whole: LENSES.map((l) => wholeGrade(l, values.lenses[l], { doubts, unsaid }, gates, ageYears, by, pieces)),
    presents: presentsCleanFrom(plan, records, tables),
    unseenMovers: unseenMovers(lost, ageYears, by),
    repairMovers: repairMovers(lost, values, effortsOf(judgement), ends, by),
    gates: gates.map((g) => g.gate),
    endings,
  };
}

function axisGrade(
  axis: Axis,
  value: number,
  losses: readonly AxisLoss[],
  own: readonly Piece[],
  { unseen, unsaid, doubt }: Unseen[Axis] & { doubt: Doubt },
  gates: readonly ShutGate[],
  ageYears: number,
  { grade: tables, yardstick }: GradedBy,
): AxisGrade {
  const cap = capOf(axis, gates);
  const n = own.filter((p) => p.state !== 'unseen').length;
  const middle = middleAt(yardstick.doubt.axes[axis]!, unsaid);
  const free = clamp(value + middle);
  const grade = withDoubt(free, doubt, tables.judgementSd, cap, n);
  const capped = free > cap;
  const all = [
    ...losses,
    ...(middle === 0 ? [] : [lossOf('unseen', value - free)]),
    ...(capped ? [lossOf('cap', free - cap)] : []),
  ];
  return {
    axis,
    grade,
    seen: 1 - unseen,
    forItsYears: rankOf(grade.value!, yardstick.ranks.axes[axis]!, ageYears, yardstick),
    capped,
    losses: [...all].sort((a, b) => b.points - a.points),
  };
}

function wholeGrade(
  lens: Lens,
  { axes, whole }: CarValues['lenses'][Lens],
  { doubts, unsaid }: Readonly<Record<'doubts' | 'unsaid', Readonly<Record<Axis, Doubt>>>>,
  gates: readonly ShutGate[],
  ageYears: number,
  { grade: tables, yardstick }: GradedBy,
  pieces: readonly Piece[],
): WholeGrade {
  const own = tables.lenses[lens]!;
  const cap = capOf('whole', gates);
  const table = yardstick.doubt.lenses[lens]!;
  const indexOf = (d: Readonly<Record<Axis, Doubt>>) => doubtOfAxes((of) => weighed(own, of), d, tables.doubtTogether);
  const doubt = doubtAt(table, indexOf(doubts));
  const free = Math.max(0, whole + middleAt(table, indexOf(unsaid)));
  const n = pieces.filter((p) => p.state !== 'unseen').length;
  const grade = withDoubt(free, doubt, tables.judgementSd, cap, n);
  return {
    lens,
    grade,
    band: bandName(grade.value!, tables),
    bands: bandsBetween(grade.low!, grade.high!, tables),
    forItsYears: rankOf(grade.value!, yardstick.ranks.lenses[lens]!, ageYears, yardstick),
    capped: free > cap,
    axes,
  };
}
