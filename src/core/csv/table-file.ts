import Papa from 'papaparse';
import { type Empty, isScalar, leafAt, leavesOf, type Scalar, withLeaf } from '../model/leaves';
import { type BadRow, csvRows } from './rows';

const COLUMNS = ['path', 'type', 'value', 'shipped'] as const;
/** Sorts of value as the file names them. */
const TYPES = {
  number: 'number',
  text: 'text',
  yes: 'yes-no',
  empty: 'empty',
  list: 'empty-list',
  group: 'empty-group',
} as const;

const typeOf = (v: Scalar | Empty) =>
  !isScalar(v)
    ? Array.isArray(v)
      ? TYPES.list
      : TYPES.group
    : v === null
      ? TYPES.empty
      : typeof v === 'number'
        ? TYPES.number
        : typeof v === 'boolean'
          ? TYPES.yes
          : TYPES.text;
const textOf = (v: unknown) =>
  typeof v === 'object' || v === undefined ? '' : v === true ? 'yes' : v === false ? 'no' : String(v);

/** A table of domain numbers as CSV: a line a number, with what ships beside it. Lists count from 0. */
export function tableCsv(table: unknown, shipped: unknown): string {
  const rows = leavesOf(table).map(({ path, value }) => [
    path.join('/'),
    typeOf(value),
    textOf(value),
    textOf(leafAt(shipped, path)),
  ]);
  return `${Papa.unparse([[...COLUMNS], ...rows], { newline: '\r\n' })}\r\n`;
}

function cellValue(type: string, text: string): Scalar | Empty | { readonly wrong: string } {
  if (type === TYPES.list) return [];
  if (type === TYPES.group) return {};
  if (type === TYPES.empty || (type === TYPES.number && text === '')) return null;
  if (type === TYPES.text) return text;
  if (type === TYPES.yes) return text === 'yes' ? true : text === 'no' ? false : { wrong: 'is neither yes nor no' };
  if (type !== TYPES.number) return { wrong: `has the type “${type}”; known: ${Object.values(TYPES).join(', ')}` };
  const n = Number(text);
  return Number.isFinite(n) ? n : { wrong: `“${text}” is no number` };
}

/**
 * A table read back from CSV, built from its lines alone, with what is wrong by line. Whether it is a table that cars can
 * be judged by is for its schema to say.
 */
export function readTableCsv(csv: string): { readonly table: unknown; readonly bad: readonly BadRow[] } {
  let table: unknown;
  const seen = new Set<string>();
  const { bad } = csvRows(csv, COLUMNS, ['path', 'type', 'value'], (row) => {
    const path = (row.path ?? '').split('/');
    if (path.some((p) => p === '' || p === '__proto__')) return 'has no path';
    if (seen.has(row.path!)) return `the path ${row.path} stands twice`;
    seen.add(row.path!);
    const value = cellValue(row.type ?? '', row.value ?? '');
    if (typeof value === 'object' && value !== null && 'wrong' in value) return value.wrong as string;
    table = withLeaf(
      table,
      path.map((p) => (/^\d{1,4}$/.test(p) ? Number(p) : p)),
      value,
    );
    return { path };
  });
  return { table: table ?? {}, bad };
}
