import { ALL_ZONES, nearestZone } from '../body/slugs';
import { PRACTICE_NOTE } from '../kinds/practice';
import { READING_LIMITS } from '../kinds/reading-limits';
import type { FilmReading } from '../paint/film-reading';
import { toUm } from '../units/thickness';
import { type BadRow, csvRows, numberOrNull } from './rows';

const COLUMNS = ['zone', 'value', 'unit', 'state', 'u_mm', 'v_mm', 'at', 'note', 'origin'] as const;
type Column = (typeof COLUMNS)[number];
/** Columns that a readings file must have; places and moments may be missing. */
const NEEDED: readonly Column[] = ['zone', 'value', 'unit', 'state'];

export interface CsvReading extends FilmReading {
  readonly typed: { readonly text: string; readonly unit: 'um' | 'mil' };
  readonly at: string | null;
  /** The note, and extra columns: "light: sun". */
  readonly note: string;
  /** Read off the car, or from the stand-in gauge and its made-up car. */
  readonly origin: 'car' | 'practice';
}

export interface CsvOptions {
  /** Ceiling used for `over` rows whose value is empty, µm. */
  readonly ceilingUm: number;
  /** Zones the car has; any known zone when null. */
  readonly zones: Iterable<string> | null;
}

function readRow(
  row: Readonly<Record<string, string>>,
  options: CsvOptions,
  zones: readonly string[],
): CsvReading | string {
  const zone = row.zone ?? '';
  if (!zones.includes(zone)) return `unknown zone “${zone}”; nearest: ${nearestZone(zone, zones)}`;
  const { unit, state } = row;
  if (unit !== 'um' && unit !== 'mil') return `unit must be um or mil, not “${unit}”`;
  if (state !== 'read' && state !== 'over' && state !== 'none')
    return `state must be read, over or none, not “${state}”`;
  const value = numberOrNull(row.value ?? '');
  if (value === 'bad') return `value “${row.value}” is no number`;
  if (state === 'read' && value === null) return 'a reading needs its value';
  if (state === 'none' && value !== null) return 'state none goes with an empty value';
  const um = state === 'none' ? null : value === null ? options.ceilingUm : toUm(value, unit);
  if (um !== null && (um < 0 || um > READING_LIMITS.highestUm))
    return `${row.value} ${unit} cannot be a coating thickness`;
  const u = numberOrNull(row.u_mm ?? '');
  const v = numberOrNull(row.v_mm ?? '');
  if (u === 'bad' || v === 'bad' || (u === null) !== (v === null)) return 'u_mm and v_mm are two numbers or both empty';
  if (row.at && Number.isNaN(Date.parse(row.at))) return `at “${row.at}” is no date and time`;
  const extra = Object.entries(row).filter(
    ([name, text]) => !(COLUMNS as readonly string[]).includes(name) && text !== '',
  );
  const origin = row.origin || (row.note?.includes(PRACTICE_NOTE) ? 'practice' : 'car');
  if (origin !== 'car' && origin !== 'practice') return `origin must be car or practice, not “${origin}”`;
  const place = u === null || v === null ? null : { uMm: u, vMm: v };
  // A value read at or above the ceiling is what the gauge shows when it can say no more.
  const over = state === 'over' || (state === 'read' && um !== null && um >= options.ceilingUm);
  return {
    zone,
    state: over ? 'over' : state,
    thicknessUm: over && state === 'read' ? options.ceilingUm : um,
    place,
    typed: { text: row.value ?? '', unit },
    at: row.at || null,
    note: [row.note ?? '', ...extra.map(([n, t]) => `${n}: ${t}`)].filter(Boolean).join('; '),
    origin,
  };
}

/**
 * Reads a readings CSV (docs/formats/readings.md). Returns the readings and every bad row by line number; the caller
 * takes nothing when there are bad rows, unless asked to. A file without the needed header is one bad row at line 1.
 */
export function readReadingsCsv(text: string, options: CsvOptions): { readings: CsvReading[]; bad: BadRow[] } {
  const zones = options.zones ? [...options.zones] : ALL_ZONES;
  const { taken, bad } = csvRows(text, COLUMNS, NEEDED, (row) => readRow(row, options, zones));
  return { readings: taken, bad };
}
