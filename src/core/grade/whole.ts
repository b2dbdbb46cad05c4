import { AXES, type Axis } from '../catalogue/axes';
import type { Estimate } from '../stats/estimate';
import { DEFAULT_GRADE_TABLES } from './shipped';
import type { GradeTables, Lens, LensTable } from './tables';

/** The whole car under one lens. */
export interface WholeGrade {
  readonly lens: Lens;
  readonly grade: Estimate;
  readonly band: string;
  /** The bands that the interval touches, the best first. */
  readonly bands: readonly string[];
  readonly forItsYears: number;
  readonly capped: boolean;
  /** The axes as this school sees them. */
  readonly axes: Readonly<Record<Axis, number>>;
}

/** The name of the band a grade falls in. */
export function bandName(value: number, tables: Pick<GradeTables, 'bands'> = DEFAULT_GRADE_TABLES): string {
  return tables.bands.find((b) => value >= b.from)?.name ?? tables.bands[tables.bands.length - 1]!.name;
}

/** The bands from `low` to `high`, the best first. */
export function bandsBetween(low: number, high: number, { bands }: Pick<GradeTables, 'bands'>): string[] {
  return bands.filter((b, i) => high >= b.from && low < (bands[i - 1]?.from ?? Infinity)).map((b) => b.name);
}

/** Weighted power mean of positive values; the weighted geometric mean for exponent 0 (Hardy, Littlewood & Pólya, ch. 2). */
export function powerMean(values: readonly number[], weights: readonly number[], exponent: number): number {
  const total = weights.reduce((a, b) => a + b, 0);
  if (exponent === 0)
    return Math.exp(values.reduce((s, v, i) => s + (weights[i]! / total) * Math.log(Math.max(v, 1)), 0));
  const sum = values.reduce((s, v, i) => s + (weights[i]! / total) * Math.max(v, 1) ** exponent, 0);
  return sum ** (1 / exponent);
}

/** The whole from its axes as one school weighs them. */
export const wholeOf = (axes: Readonly<Record<Axis, number>>, lens: LensTable, exponent: number): number =>
  powerMean(
    AXES.map((a) => axes[a]),
    AXES.map((a) => lens.weights[a]),
    exponent,
  );

/** The mean of something over the axes, as a lens weighs them. */
export function weighed(lens: LensTable, of: (axis: Axis) => number): number {
  const total = AXES.reduce((s, a) => s + lens.weights[a], 0);
  return AXES.reduce((s, a) => s + lens.weights[a] * of(a), 0) / total;
}
