import { AXES } from '../catalogue/axes';
import type { ShutGate } from '../judge/judge';
import type { Estimate } from '../stats/estimate';
import { quantile } from '../stats/quantile';
import { capOf } from './caps';
import { DEFAULT_GRADE_TABLES, type GradeTables, type Lens } from './tables';

/** The whole car under one lens. */
export interface WholeGrade {
  readonly lens: Lens;
  readonly grade: Estimate;
  readonly band: string;
  readonly forItsYears: number;
  readonly capped: boolean;
}

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

/** The whole under one lens, from draws of its axes and of the axes of any car of its age. */
export function wholeGrade(
  lens: Lens,
  draws: readonly number[][],
  expectedCars: readonly number[][],
  gates: readonly ShutGate[],
  n: number,
  tables: GradeTables,
): WholeGrade {
  const weights = AXES.map((a) => tables.lenses[lens]![a]);
  const cap = capOf('whole', gates);
  const wholes = (of: readonly number[][]) => of.map((d) => powerMean(d, weights, tables.exponent));
  const free = wholes(draws).sort((a, b) => a - b);
  const at = (p: number) => Math.min(cap, quantile(free, p)!);
  const value = at(0.5);
  const below = wholes(expectedCars).filter((v) => v <= value).length;
  return {
    lens,
    grade: { value, low: at(0.1), high: at(0.9), n },
    band: bandName(value, tables),
    forItsYears: (100 * below) / expectedCars.length,
    capped: quantile(free, 0.5)! > cap,
  };
}
