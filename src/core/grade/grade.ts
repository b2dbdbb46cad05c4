import { AXES, type Axis } from '../catalogue/axes';
import { type Judgement, type ShutGate, shutGates } from '../judge/judge';
import type { Gate } from '../judge/models';
import type { Estimate } from '../stats/estimate';
import { normalCdf, Z_90 } from '../stats/normal';
import { type AxisMoments, axisMoments, expectedAxis, type Part, partsOf } from './axes';
import { capOf, clamp } from './caps';
import { drawAxes } from './draws';
import { findingMovers, type Mover, unseenMovers } from './movers';
import { type Presents, presentsCleanFrom } from './presents';
import { type GradeTables, LENSES } from './tables';
import { type WholeGrade, wholeGrade } from './whole';

export interface AxisGrade {
  readonly axis: Axis;
  readonly grade: Estimate;
  readonly seen: number;
  /** Where it lies among cars of its age, 0 to 100 %. */
  readonly forItsYears: number;
  readonly capped: boolean;
}

export interface Grade {
  readonly axes: readonly AxisGrade[];
  readonly whole: readonly WholeGrade[];
  readonly presents: Presents;
  /** Unseen places that can be looked at, and findings, that move the whole most. */
  readonly unseenMovers: readonly Mover[];
  readonly findingMovers: readonly Mover[];
  readonly gates: readonly Gate[];
}

/** Age assumed for a car whose year is not stated, years; house value. */
const AGE_WHEN_UNKNOWN = 50;

function axisGrade(
  m: AxisMoments,
  parts: readonly Part[],
  gates: readonly ShutGate[],
  ageYears: number,
  tables: GradeTables,
): AxisGrade {
  const cap = capOf(m.axis, gates);
  const at = (v: number) => Math.min(cap, clamp(v));
  const e = expectedAxis(m.axis, ageYears, tables);
  const grade = {
    value: at(m.mean),
    low: at(m.mean - Z_90 * m.sd),
    high: at(m.mean + Z_90 * m.sd),
    n: parts.filter((p) => p.axis === m.axis && p.seen).length,
  };
  return {
    axis: m.axis,
    grade,
    seen: m.seen,
    forItsYears: 100 * normalCdf((grade.value - e.mean) / e.sd),
    capped: cap < 100 && m.mean > cap,
  };
}

/**
 * Grades a car as it was judged: nine axes 0 to 100 with 10 and 90 % points, the whole under four lenses, both as it stands
 * and for its years (on the year of the sale), from how far the outside presents clean, and what would move the grade.
 * Unseen parts take the expectation and spread of cars of that age, so an axis narrows only by looking.
 */
export function gradeCar(judgement: Judgement, onYear: number, tables: GradeTables): Grade {
  const { car, plan, records, coverage } = judgement;
  const ageYears = car?.year ? Math.max(0, onYear - car.year) : AGE_WHEN_UNKNOWN;
  const parts = partsOf(judgement, ageYears, tables);
  const gates = shutGates(judgement);
  const moments = axisMoments(parts, tables);
  const draws = drawAxes(moments, gates, tables);
  const expectedMoments = AXES.map((axis) => ({ axis, seen: 0, ...expectedAxis(axis, ageYears, tables) }));
  const expectedCars = drawAxes(expectedMoments, [], tables);
  const n = parts.filter((p) => p.seen).length;
  return {
    axes: moments.map((m) => axisGrade(m, parts, gates, ageYears, tables)),
    whole: LENSES.map((lens) => wholeGrade(lens, draws, expectedCars, gates, n, tables)),
    presents: presentsCleanFrom(plan, records, tables),
    unseenMovers: unseenMovers(parts, tables),
    findingMovers: findingMovers(coverage, parts, tables),
    gates: gates.map((g) => g.gate),
  };
}
