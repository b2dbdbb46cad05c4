import { findingLoss } from '../findings/loss';
import { beyondTolerance } from '../fit/beyond-tolerance';
import type { CarFit } from '../fit/car-fit';
import type { PaintAnalysis } from '../paint/analyse';
import type { PaintState } from '../paint/profiles';
import { type Cell, type Coverage, isSeen } from './coverage';
import { AXES, type Axis, type GradeTables } from './tables';

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
  /** Share of the condition lost there that its findings take; the rest was measured. */
  readonly byFindings?: number;
}

/** Which axis a zone × aspect feeds. */
export function axisOf(cell: Pick<Cell, 'aspect' | 'zone'>): Axis {
  switch (cell.aspect) {
    case 'paint':
      return 'finish';
    case 'shape':
    case 'fit':
      return 'fit';
    case 'brightwork':
      return 'brightwork';
    case 'corrosion':
    case 'structure':
      return cell.zone.view === 'underneath' ? 'underside' : 'metal';
    case 'glass':
    case 'rubber':
    case 'tire':
      return 'glass-soft';
    case 'trim':
      return 'cabin';
    case 'function':
    case 'leaks':
      return 'running';
    case 'identity':
      return 'authenticity';
  }
}

function expected(axis: Axis, ageYears: number, tables: GradeTables): { mean: number; sd: number } {
  const e = tables.expectation[axis];
  return { mean: Math.max(e.floor, e.new - (e.perDecade * ageYears) / 10), sd: e.sd };
}

/** What is expected of an axis on a car of that age, 0 to 100, with the spread between cars. */
export const expectedAxis = expected;

function partOf(
  cell: Cell,
  ageYears: number,
  paint: ReadonlyMap<string, Record<PaintState, number>>,
  fit: ReadonlyMap<string, number>,
  tables: GradeTables,
): Part {
  const axis = axisOf(cell);
  const weight =
    Math.max(tables.areaFloor, Math.sqrt(cell.zone.areaM2)) * (cell.zone.structural ? tables.structuralWeight : 1);
  const base = { zone: cell.zone.slug, aspect: cell.aspect, axis, weight };
  if (!isSeen(cell))
    return { ...base, ...expected(axis, ageYears, tables), seen: false, blocked: cell.status === 'blocked' };
  const chances = cell.aspect === 'paint' ? paint.get(cell.zone.slug) : undefined;
  const measured = chances ? chances.filled * tables.paintLoss.filled + chances.heavy * tables.paintLoss.heavy : 0;
  const found = cell.findings.reduce((sum, f) => sum + findingLoss(f.body), 0);
  const beyond = cell.aspect === 'fit' ? (fit.get(cell.zone.slug) ?? 0) : 0;
  const uneven = Math.min(tables.mostFitLoss, tables.fitLoss * beyond);
  const kept = Math.exp(-tables.lossScale * (found + measured + uneven));
  if (cell.status === 'measured') {
    // Measured, and not looked at for anything else: what else may be there is as on any car of its age.
    const otherwise = expected(axis, ageYears, tables);
    return { ...base, mean: Math.min(otherwise.mean, tables.seen.clean) * kept, sd: otherwise.sd, seen: true };
  }
  const mean = tables.seen.clean * kept;
  const lost = found + measured + uneven;
  const byFindings = lost === 0 ? 0 : found / lost;
  return { ...base, byFindings, mean, sd: found > 0 ? tables.seen.findingSd : tables.seen.cleanSd, seen: true };
}

function originalityParts(
  coverage: Coverage,
  ageYears: number,
  paint: ReadonlyMap<string, Record<PaintState, number>>,
  tables: GradeTables,
): Part[] {
  const o = tables.paintOriginality;
  return coverage.cells
    .filter((c) => c.aspect === 'paint' && c.zone.view === 'outside')
    .map(({ zone }) => {
      const base = {
        zone: zone.slug,
        aspect: 'originality',
        axis: 'authenticity' as const,
        weight: o.weight * Math.max(tables.areaFloor, Math.sqrt(zone.areaM2)),
      };
      const chances = paint.get(zone.slug);
      if (!chances) return { ...base, ...expected('authenticity', ageYears, tables), seen: false };
      return { ...base, mean: o.factory * chances.factory + o.repainted * (1 - chances.factory), sd: o.sd, seen: true };
    });
}

/** All parts of all axes. */
export function partsOf(
  coverage: Coverage,
  paint: PaintAnalysis,
  fit: CarFit,
  ageYears: number,
  tables: GradeTables,
): Part[] {
  const beyond = beyondTolerance(fit);
  const chances = new Map(
    paint.zones.flatMap((z) =>
      z.state?.survivor ? [[z.zone, z.state.survivor as Record<PaintState, number>] as const] : [],
    ),
  );
  return [
    ...coverage.cells.map((c) => partOf(c, ageYears, chances, beyond, tables)),
    ...originalityParts(coverage, ageYears, chances, tables),
  ];
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
