import type { Plan } from '../body/plan';
import { flawById } from '../catalogue/flaws/by-id';
import { findingLoss } from '../findings/loss';
import { fitOfCar } from '../fit/car-fit';
import type { Tolerance } from '../fit/tolerances';
import type { AnyRecord } from '../kinds';
import { analysePaint, type PaintAnalysis } from '../paint/analyse';
import { filmInput } from '../paint/film-input';
import { DEFAULT_PROFILES, type PaintProfile } from '../paint/profiles';
import { recordsOf } from '../records/reduce';
import type { Estimate } from '../stats/estimate';
import { normalCdf, Z_90 } from '../stats/normal';
import { quantile } from '../stats/quantile';
import { normalDraw, seeded } from '../stats/random';
import { type AxisMoments, axisMoments, expectedAxis, type Part, partsOf } from './axes';
import { type Coverage, coverageOf } from './coverage';
import { type Presents, presentsCleanFrom } from './presents';
import { AXES, type Axis, DEFAULT_GRADE_TABLES, type GradeTables, LENSES, type Lens } from './tables';

export interface AxisGrade {
  readonly axis: Axis;
  readonly grade: Estimate;
  readonly seen: number;
  /** Where it lies among cars of its age, 0 to 100 %. */
  readonly forItsYears: number;
  readonly capped: boolean;
}

export interface WholeGrade {
  readonly lens: Lens;
  readonly grade: Estimate;
  readonly band: string;
  readonly forItsYears: number;
  readonly capped: boolean;
}

export interface Mover {
  readonly zone: string;
  /** Points of the whole: what an unseen place adds to its doubt by itself (weight × spread), or what a finding costs. */
  readonly points: number;
  readonly finding: string | null;
}

export interface Grade {
  readonly axes: readonly AxisGrade[];
  readonly whole: readonly WholeGrade[];
  readonly coverage: Coverage;
  readonly presents: Presents;
  readonly paint: PaintAnalysis;
  /** Unseen places that can be looked at, and findings, that move the whole most. */
  readonly unseenMovers: readonly Mover[];
  readonly findingMovers: readonly Mover[];
  readonly gates: readonly ('structural-loss' | 'unsafe-brakes' | 'no-identity')[];
}

export interface GradeInput {
  readonly plan: Plan;
  readonly records: readonly AnyRecord[];
  /** Year of the sale, from which the car's age counts. */
  readonly onYear: number;
  readonly tables?: GradeTables;
  readonly profiles?: readonly PaintProfile[];
  readonly tolerances?: readonly Tolerance[];
}

/** Age assumed for a car whose year is not stated, years; house value. */
const AGE_WHEN_UNKNOWN = 50;
const SEED = 20261124;

const clamp = (v: number) => Math.min(100, Math.max(0, v));

/** The name of the band a grade falls in. */
export function bandName(value: number, tables: GradeTables = DEFAULT_GRADE_TABLES): string {
  return tables.bands.find((b) => value >= b.from)?.name ?? tables.bands[tables.bands.length - 1]!.name;
}

/** Weighted power mean of positive values; the weighted geometric mean for exponent 0 (Hardy, Littlewood & Pólya, ch. 2). */
export function powerMean(values: readonly number[], weights: readonly number[], exponent: number): number {
  const total = weights.reduce((a, b) => a + b, 0);
  if (exponent === 0)
    return Math.exp(values.reduce((s, v, i) => s + (weights[i]! / total) * Math.log(Math.max(v, 1)), 0));
  const sum = values.reduce((s, v, i) => s + (weights[i]! / total) * Math.max(v, 1) ** exponent, 0);
  return sum ** (1 / exponent);
}

function gatesOf(records: readonly AnyRecord[]): Grade['gates'] {
  const gates: Grade['gates'][number][] = [];
  const findings = recordsOf(records, 'finding');
  if (findings.some((f) => flawById(f.body.flaw).stage === 5)) gates.push('structural-loss');
  if (findings.some((f) => f.body.zone === 'reservoir.brake' && ['inoperative', 'leak-drips'].includes(f.body.flaw)))
    gates.push('unsafe-brakes');
  if (!recordsOf(records, 'car')[0]?.body.chassisNumber) gates.push('no-identity');
  return gates;
}

function capOf(axis: Axis, gates: Grade['gates'], tables: GradeTables): number {
  if (axis === 'running' && gates.includes('unsafe-brakes')) return tables.gates.unsafeBrakes;
  if (axis === 'authenticity' && gates.includes('no-identity')) return tables.gates.noIdentity;
  return 100;
}

function axisGrade(
  m: AxisMoments,
  parts: readonly Part[],
  gates: Grade['gates'],
  ageYears: number,
  tables: GradeTables,
): AxisGrade {
  const cap = capOf(m.axis, gates, tables);
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

/** Seeded draws of all axes; one row a draw, so that every lens sees the same cars. */
function drawAxes(moments: readonly AxisMoments[], gates: Grade['gates'], tables: GradeTables): number[][] {
  const random = seeded(SEED);
  const [shared, own] = [Math.sqrt(tables.acrossAxes), Math.sqrt(1 - tables.acrossAxes)];
  const caps = moments.map((m) => capOf(m.axis, gates, tables));
  return Array.from({ length: tables.draws }, () => {
    const common = shared * normalDraw(random);
    return moments.map((m, i) => Math.min(caps[i]!, clamp(m.mean + m.sd * (common + own * normalDraw(random)))));
  });
}

function whole(
  lens: Lens,
  draws: readonly number[][],
  expectedDraws: readonly number[],
  gates: Grade['gates'],
  n: number,
  tables: GradeTables,
): WholeGrade {
  const weights = AXES.map((a) => tables.lenses[lens]![a]);
  const cap = gates.includes('structural-loss') ? tables.gates.structuralLoss : 100;
  const free = draws.map((d) => powerMean(d, weights, tables.exponent)).sort((a, b) => a - b);
  const at = (p: number) => Math.min(cap, quantile(free, p)!);
  const value = at(0.5);
  const below = expectedDraws.filter((v) => v <= value).length;
  return {
    lens,
    grade: { value, low: at(0.1), high: at(0.9), n },
    band: bandName(value, tables),
    forItsYears: (100 * below) / expectedDraws.length,
    capped: quantile(free, 0.5)! > cap,
  };
}

/**
 * Grades a car from its records: nine axes 0 to 100 with 10 and 90 % points, the whole under four lenses, both as it
 * stands and for its years, what is unseen, from how far the outside presents clean, and what would move the grade.
 * Unseen parts take the expectation and spread of cars of that age, so an axis narrows only by looking.
 */
export function gradeCar(input: GradeInput): Grade {
  const tables = input.tables ?? DEFAULT_GRADE_TABLES;
  const car = recordsOf(input.records, 'car')[0]?.body;
  const ageYears = car?.year ? Math.max(0, input.onYear - car.year) : AGE_WHEN_UNKNOWN;
  const paint = analysePaint({
    ...filmInput(input.records),
    profiles: input.profiles ?? DEFAULT_PROFILES,
    plan: input.plan,
  });
  const coverage = coverageOf(input.plan, input.records);
  const parts = partsOf(coverage, paint, fitOfCar(input.plan, input.records, input.tolerances), ageYears, tables);
  const gates = gatesOf(input.records);
  const moments = axisMoments(parts, tables);
  const draws = drawAxes(moments, gates, tables);
  const expectedMoments = AXES.map((axis) => ({ axis, seen: 0, ...expectedAxis(axis, ageYears, tables) }));
  const expectedCars = drawAxes(expectedMoments, [], tables);
  const n = parts.filter((p) => p.seen).length;
  return {
    axes: moments.map((m) => axisGrade(m, parts, gates, ageYears, tables)),
    whole: LENSES.map((lens) => {
      const weights = AXES.map((a) => tables.lenses[lens]![a]);
      return whole(
        lens,
        draws,
        expectedCars.map((d) => powerMean(d, weights, tables.exponent)),
        gates,
        n,
        tables,
      );
    }),
    coverage,
    presents: presentsCleanFrom(input.plan, input.records, tables),
    paint,
    unseenMovers: unseenMovers(parts, tables),
    findingMovers: findingMovers(coverage, parts, tables),
    gates,
  };
}

function axisWeight(axis: Axis, tables: GradeTables): number {
  const total = AXES.reduce((s, a) => s + LENSES.reduce((t, l) => t + tables.lenses[l]![a], 0), 0);
  return LENSES.reduce((t, l) => t + tables.lenses[l]![axis], 0) / total;
}

function unseenMovers(parts: readonly Part[], tables: GradeTables): Mover[] {
  const totals = new Map(AXES.map((a) => [a, parts.filter((p) => p.axis === a).reduce((s, p) => s + p.weight, 0)]));
  const byZone = new Map<string, number>();
  for (const p of parts) {
    if (p.seen || p.blocked || p.aspect === 'originality') continue;
    byZone.set(
      p.zone,
      (byZone.get(p.zone) ?? 0) + (axisWeight(p.axis, tables) * p.weight * p.sd) / totals.get(p.axis)!,
    );
  }
  return [...byZone]
    .map(([zone, points]) => ({ zone, points, finding: null }))
    .sort((a, b) => b.points - a.points)
    .slice(0, 8);
}

function findingMovers(coverage: Coverage, parts: readonly Part[], tables: GradeTables): Mover[] {
  const movers: Mover[] = [];
  for (const cell of coverage.cells) {
    const part = parts.find((p) => p.zone === cell.zone.slug && p.aspect === cell.aspect);
    if (!part || cell.findings.length === 0) continue;
    const total = parts.filter((p) => p.axis === part.axis).reduce((s, p) => s + p.weight, 0);
    const all = cell.findings.reduce((s, f) => s + findingLoss(f.body), 0);
    for (const f of cell.findings) {
      // What the gauge or the tape measured there is not the findings' doing.
      const lost =
        all === 0 ? 0 : (tables.seen.clean - part.mean) * (part.byFindings ?? 1) * (findingLoss(f.body) / all);
      movers.push({
        zone: cell.zone.slug,
        points: (axisWeight(part.axis, tables) * part.weight * lost) / total,
        finding: f.id,
      });
    }
  }
  return movers.sort((a, b) => b.points - a.points).slice(0, 8);
}
