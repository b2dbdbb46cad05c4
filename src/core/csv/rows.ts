export interface BadRow {
  /** Line of the file, from 1, the header being line 1. */
  readonly line: number;
  readonly message: string;
}

/** Splits one CSV line by RFC 4180: fields in double quotes may hold commas and doubled quotes. */
export function csvFields(line: string): string[] {
  const fields: string[] = [];
  let field = '';
  let quoted = false;
  for (let i = 0; i < line.length; i++) {
    const ch = line[i]!;
    if (quoted) {
      if (ch === '"' && line[i + 1] === '"') {
        field += '"';
        i++;
      } else if (ch === '"') quoted = false;
      else field += ch;
    } else if (ch === '"' && field === '') quoted = true;
    else if (ch === ',') {
      fields.push(field);
      field = '';
    } else field += ch;
  }
  return [...fields, field].map((f) => f.trim());
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
  read: (row: Readonly<Record<string, string>>) => T | string,
): { taken: T[]; bad: BadRow[] } {
  const lines = text.replace(/^\uFEFF/, '').split(/\r\n|\n|\r/);
  const header = csvFields(lines[0] ?? '').map((h) => h.toLowerCase());
  const missing = needed.filter((c) => !header.includes(c));
  if (missing.length > 0)
    return {
      taken: [],
      bad: [{ line: 1, message: `the header lacks ${missing.join(', ')}; expected ${columns.join(',')}` }],
    };
  const taken: T[] = [];
  const bad: BadRow[] = [];
  lines.slice(1).forEach((line, i) => {
    if (line.trim() === '') return;
    const fields = csvFields(line);
    if (fields.length > header.length) {
      bad.push({ line: i + 2, message: `has ${fields.length} fields, the header ${header.length}` });
      return;
    }
    const row = read(Object.fromEntries(header.map((h, k) => [h, fields[k] ?? ''])));
    if (typeof row === 'string') bad.push({ line: i + 2, message: row });
    else taken.push(row);
  });
  return { taken, bad };
}
