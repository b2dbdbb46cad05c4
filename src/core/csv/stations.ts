import { type FitStation, SIDES } from '../fit/panel-fit';
import { STATION_LIMITS } from '../fit/station-limits';
import { type BadRow, csvRows, numberOrNull } from './rows';

const COLUMNS = ['side', 'x_mm', 'y_mm', 'nominal_mm', 'gap_mm', 'gap_se_mm', 'flush_mm', 'flush_se_mm'] as const;
const NEEDED = ['side', 'x_mm', 'y_mm', 'nominal_mm', 'gap_mm'] as const;

/** The fields of one row that hold numbers; a sentence when one is none. */
export function numbersOf<K extends string>(
  row: Readonly<Record<string, string>>,
  names: readonly K[],
): Record<K, number | null> | string {
  const out = {} as Record<K, number | null>;
  for (const name of names) {
    const n = numberOrNull(row[name] ?? '');
    if (n === 'bad') return `${name} “${row[name]}” is no number`;
    out[name] = n;
  }
  return out;
}

/** What is wrong with measured figures; null when nothing is. */
export function figuresProblem(n: {
  gap_mm: number | null;
  gap_se_mm: number | null;
  flush_mm: number | null;
  flush_se_mm: number | null;
}): string | null {
  if (n.gap_mm !== null && (n.gap_mm < 0 || n.gap_mm > STATION_LIMITS.widestMm))
    return `gap_mm ${n.gap_mm} cannot be a gap`;
  if (n.flush_mm !== null && Math.abs(n.flush_mm) > STATION_LIMITS.flushMm)
    return `flush_mm ${n.flush_mm} cannot be a step between panels`;
  for (const name of ['gap_se_mm', 'flush_se_mm'] as const) {
    const se = n[name];
    if (se !== null && !(se >= 0 && se <= STATION_LIMITS.mostSeMm)) return `${name} ${se} cannot be a standard error`;
  }
  return null;
}

/** A standard error that the fit can weigh by: one of 0 is taken as the least that any instrument has. */
export const usableSe = (se: number | null) => (se === null ? null : Math.max(STATION_LIMITS.leastSeMm, se));

function readStation(row: Readonly<Record<string, string>>): FitStation | string {
  const side = SIDES.find((s) => s === row.side);
  if (!side) return `side must be front, rear, top or bottom, not “${row.side ?? ''}”`;
  const n = numbersOf(row, COLUMNS.slice(1) as Exclude<(typeof COLUMNS)[number], 'side'>[]);
  if (typeof n === 'string') return n;
  if (n.x_mm === null || n.y_mm === null) return 'x_mm and y_mm are needed';
  if (Math.max(Math.abs(n.x_mm), Math.abs(n.y_mm)) > STATION_LIMITS.placeMm) return 'the place is off any panel';
  if (n.gap_mm !== null && n.nominal_mm === null) return 'a gap needs its nominal_mm';
  const problem = figuresProblem(n);
  if (problem) return problem;
  return {
    side,
    xMm: n.x_mm,
    yMm: n.y_mm,
    nominalMm: n.nominal_mm ?? 0,
    gapMm: n.gap_mm,
    gapSeMm: usableSe(n.gap_se_mm),
    flushMm: n.flush_mm,
    flushSeMm: usableSe(n.flush_se_mm),
  };
}

/** Reads stations around a door (docs/formats/fit.md), and every bad row by line number. */
export function readStationsCsv(text: string): { stations: FitStation[]; bad: BadRow[] } {
  const { taken, bad } = csvRows(text, COLUMNS, NEEDED, readStation);
  return { stations: taken, bad };
}
