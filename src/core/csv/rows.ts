import Papa from 'papaparse';

export interface BadRow {
  /** Line of the file, from 1, the header being line 1. */
  readonly line: number;
  readonly message: string;
}

/** A field as a number; null when empty. */
export function numberOrNull(text: string): number | null | 'bad' {
  if (text === '') return null;
  const n = Number(text);
  return Number.isFinite(n) ? n : 'bad';
}

/**
 * Reads a CSV with a header row by row: `read` gives what a row says, or a sentence about what is wrong with it. Returns
 * what was read and every bad row by line number. A file whose header lacks a needed column is one bad row at line 1.
 */
export function csvRows<T>(
  text: string,
  columns: readonly string[],
  needed: readonly string[],
  read: (row: Readonly<Record<string, string>>, line: number) => T | string,
): { taken: T[]; bad: BadRow[]; header: string[] } {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { delimiter: separatorOf(text) });
  const header = (data[0] ?? []).map((h) => h.trim().toLowerCase());
  const missing = needed.filter((c) => !header.includes(c));
  if (missing.length > 0)
    return {
      taken: [],
      header,
      bad: [{ line: 1, message: `the header lacks ${missing.join(', ')}; expected ${columns.join(',')}` }],
    };
  const taken: T[] = [];
  const bad: BadRow[] = [];
  let line = 1 + breaksIn(data[0] ?? []);
  for (const cells of data.slice(1)) {
    const at = ++line;
    line += breaksIn(cells);
    const fields = cells.map((f) => f.trim());
    if (fields.every((f) => f === '')) continue;
    if (fields.length > header.length) {
      bad.push({ line: at, message: `has ${fields.length} fields, the header ${header.length}` });
      continue;
    }
    const row = read(Object.fromEntries(header.map((h, k) => [h, fields[k] ?? ''])), at);
    if (typeof row === 'string') bad.push({ line: at, message: row });
    else taken.push(row);
  }
  return { taken, bad, header };
}

/** Spreadsheets of many countries write semicolons, since their commas stand in numbers. */
function separatorOf(text: string): ',' | ';' {
  const [first = ''] = text.split(/\r\n|\n|\r/, 1);
  return first.includes(';') && !first.includes(',') ? ';' : ',';
}

/** Line breaks within quoted fields: a row may take several lines of the file. */
const breaksIn = (cells: readonly string[]): number =>
  cells.reduce((n, c) => n + (c.match(/\r\n|\n|\r/g)?.length ?? 0), 0);
