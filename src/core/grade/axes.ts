import type { Zone } from '../body/zone';
import { AXES, type Axis, axisOf } from '../catalogue/axes';
import { type Cell, isSeen } from '../coverage/coverage';
import { extraPartsOf, type Judgement, lossesOf } from '../judge/judge';
import type { Loss } from '../model/model';
import type { GradeTables } from './tables';

/** A part of an axis: what it weighs, its condition 0 to 100 with the doubt as a standard deviation, whether it was seen. */
export interface Part {
  readonly zone: string;
  readonly aspect: string;
  readonly axis: Axis;
  readonly weight: number;
  readonly mean: number;
  readonly sd: number;
  readonly seen: boolean;
  /** Cannot be looked at now. */
  readonly blocked?: boolean;
  /** No place to look at: a part that a model adds. */
  readonly extra?: true;
  /** Share of the condition lost there that its findings take; the rest was measured. */
  readonly byFindings?: number;
}

/** What is expected of an axis on a car of that age, 0 to 100, with the spread between cars. */
export function expectedAxis(axis: Axis, ageYears: number, tables: GradeTables): { mean: number; sd: number } {
  const e = tables.expectation[axis];
  return { mean: Math.max(e.floor, e.new - (e.perDecade * ageYears) / 10), sd: e.sd };
}

/** What the models say that places lose, by `zone/aspect`. */
interface Lost {
  /** By what was found, and by what was measured. */
  found: number;
  measured: number;
}

function lostBy(losses: readonly Loss[]): ReadonlyMap<string, Lost> {
  const lost = new Map<string, Lost>();
  for (const { zone, aspect, loss, finding } of losses) {
    const key = `${zone}/${aspect}`;
    const own = lost.get(key) ?? { found: 0, measured: 0 };
    own[finding === undefined ? 'measured' : 'found'] += loss;
    lost.set(key, own);
  }
  return lost;
}

const weightOf = (zone: Zone, tables: GradeTables) =>
  Math.max(tables.areaFloor, Math.sqrt(zone.areaM2)) * (zone.structural ? tables.structuralWeight : 1);

function partOf(cell: Cell, ageYears: number, lost: ReadonlyMap<string, Lost>, tables: GradeTables): Part {
  const axis = axisOf(cell);
  const base = { zone: cell.zone.slug, aspect: cell.aspect, axis, weight: weightOf(cell.zone, tables) };
  if (!isSeen(cell))
    return { ...base, ...expectedAxis(axis, ageYears, tables), seen: false, blocked: cell.status === 'blocked' };
  const { found, measured } = lost.get(`${cell.zone.slug}/${cell.aspect}`) ?? { found: 0, measured: 0 };
  const kept = Math.exp(-tables.lossScale * (found + measured));
  if (cell.status === 'measured') {
    // Measured, and not looked at for anything else: what else may be there is as on any car of its age.
    const otherwise = expectedAxis(axis, ageYears, tables);
    return { ...base, mean: Math.min(otherwise.mean, tables.seen.clean) * kept, sd: otherwise.sd, seen: true };
  }
  const all = found + measured;
  return {
    ...base,
    byFindings: all === 0 ? 0 : found / all,
    mean: tables.seen.clean * kept,
    sd: found > 0 ? tables.seen.findingSd : tables.seen.cleanSd,
    seen: true,
  };
}

/** All parts of all axes: each zone × aspect with what the models say that it loses, and the parts that models add. */
export function partsOf(judgement: Judgement, ageYears: number, tables: GradeTables): Part[] {
  const lost = lostBy(lossesOf(judgement));
  const extra = extraPartsOf(judgement).map(({ zone, of, axis, weight, mean, sd }): Part => {
    const { areaM2 } = judgement.plan.zones.get(zone)!;
    const base = {
      zone,
      aspect: of,
      axis,
      weight: weight * Math.max(tables.areaFloor, Math.sqrt(areaM2)),
      extra: true as const,
    };
    return mean === null
      ? { ...base, ...expectedAxis(axis, ageYears, tables), seen: false }
      : { ...base, mean, sd, seen: true };
  });
  return [...judgement.coverage.cells.map((c) => partOf(c, ageYears, lost, tables)), ...extra];
}

export interface AxisMoments {
  readonly axis: Axis;
  readonly mean: number;
  readonly sd: number;
  /** Share of the axis that was seen, by weight. */
  readonly seen: number;
}

/**
 * Mean and standard deviation of each axis: the weighted mean of its parts, where the unseen parts of one car vary
 * together (one-way random effects, Searle, Casella & McCulloch, Variance Components, ch. 3): variance of the unseen
 * part = (ρ(Σw)² + (1 − ρ)Σw²)·s². The doubt of judging comes on top, and an axis whose seen parts differ much among
 * themselves loses for it, so that one bad panel among good ones shows.
 */
export function axisMoments(parts: readonly Part[], tables: GradeTables): AxisMoments[] {
  return AXES.map((axis) => {
    const own = parts.filter((p) => p.axis === axis);
    const total = own.reduce((s, p) => s + p.weight, 0);
    if (total === 0) return { axis, mean: 0, sd: 0, seen: 0 };
    const unseen = own.filter((p) => !p.seen);
    const seen = own.filter((p) => p.seen);
    const u = unseen.reduce((s, p) => s + p.weight, 0);
    const uu = unseen.reduce((s, p) => s + p.weight ** 2, 0);
    const s2 = (unseen[0]?.sd ?? 0) ** 2;
    const variance =
      (tables.withinCar * u * u + (1 - tables.withinCar) * uu) * s2 +
      seen.reduce((s, p) => s + (p.weight * p.sd) ** 2, 0);
    const mean =
      own.reduce((s, p) => s + p.weight * p.mean, 0) / total - tables.unevenness * (1 - u / total) * spreadOf(seen);
    return { axis, mean, sd: Math.hypot(Math.sqrt(variance) / total, tables.judgementSd), seen: 1 - u / total };
  });
}

/** Weighted standard deviation of the conditions of parts. */
function spreadOf(parts: readonly Part[]): number {
  const w = parts.reduce((s, p) => s + p.weight, 0);
  if (w === 0) return 0;
  const mean = parts.reduce((s, p) => s + p.weight * p.mean, 0) / w;
  return Math.sqrt(parts.reduce((s, p) => s + p.weight * (p.mean - mean) ** 2, 0) / w);
}
