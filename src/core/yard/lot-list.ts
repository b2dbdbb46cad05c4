import { type BadRow, csvRows } from '../csv/rows';
import { daySchema } from '../kinds/common';
import { LARGEST_NUMBER, type LotFactsSaid, lotFactsSchema } from './lot-facts';

/** Columns of a list of lots, in the order in which an empty one is handed out. A cell left empty says nothing. */
export const LOT_COLUMNS = [
  'number',
  'make',
  'model',
  'year',
  'style',
  'consignor',
  'reserve_days',
  'keys',
  'stands',
  'comes_with',
  'report_due',
] as const;
type Column = (typeof LOT_COLUMNS)[number];

/** Most lots in one list. */
export const MOST_LISTED = 5000;

/** What one line says: the lot's number and those facts that the line names. */
export interface ListedLot {
  readonly line: number;
  readonly number: number;
  readonly says: Partial<LotFactsSaid>;
}

/** A lot as the sale has it, with whether anything was entered in it. */
export interface PresentLot {
  readonly id: string;
  readonly number: number;
  readonly begun: boolean;
  readonly facts: LotFactsSaid;
}

export interface ReadList {
  readonly lots: readonly ListedLot[];
  readonly bad: readonly BadRow[];
  /** Columns of the file that no part of it is taken from. */
  readonly unread: readonly string[];
}

/** Words by which a body style is meant, to its name as lots are called; null when it is none. */
export type StyleNamed = (text: string) => string | null;

const COLUMN_FACTS: Readonly<Partial<Record<Column, keyof LotFactsSaid>>> = {
  consignor: 'consignor',
  keys: 'keysWith',
  stands: 'stands',
  comes_with: 'comesWith',
};

/**
 * Reads a list of lots from CSV, taking nothing: what each line says, what is wrong by line, and which columns are not
 * understood. `styleNamed` says how a body style is called in a lot's name.
 */
export function readLotList(csv: string, styleNamed: StyleNamed): ReadList {
  const seen = new Map<number, number>();
  const { taken, bad, header } = csvRows(csv, LOT_COLUMNS, ['number'], (row, line) => {
    const lot = readRow(row, styleNamed);
    if (typeof lot === 'string') return lot;
    const before = seen.get(lot.number);
    if (before !== undefined) return `lot ${lot.number} stands on line ${before} too`;
    seen.set(lot.number, line);
    return { line, ...lot };
  });
  const unread = header.filter((h) => h !== '' && !(LOT_COLUMNS as readonly string[]).includes(h));
  if (taken.length > MOST_LISTED)
    return { lots: [], bad: [{ line: 1, message: `has more than ${MOST_LISTED} lots; cut the file in two` }], unread };
  return { lots: taken, bad, unread };
}

function readRow(
  row: Readonly<Record<string, string>>,
  styleNamed: StyleNamed,
): { number: number; says: Partial<LotFactsSaid> } | string {
  const cell = (c: Column) => row[c] ?? '';
  if (!/^\d{1,7}$/.test(cell('number')) || Number(cell('number')) < 1 || Number(cell('number')) > LARGEST_NUMBER)
    return cell('number') === '' ? 'has no number' : `“${cell('number')}” is no lot number`;
  const year = cell('year');
  if (year !== '' && !/^(18[89]|19\d|20\d)\d$/.test(year)) return `“${year}” is no year`;
  const style = cell('style') === '' ? '' : styleNamed(cell('style'));
  if (style === null) return `“${cell('style')}” is no body style that is known here`;
  if ((cell('make') === '') !== (cell('model') === '')) return 'a car has a make and a model, or neither is said';
  const days = cell('reserve_days');
  if (days !== '' && !/^\d{1,3}$/.test(days)) return `“${days}” is no number of days`;
  if (cell('report_due') !== '' && !daySchema.safeParse(cell('report_due')).success)
    return `“${cell('report_due')}” is no day such as 2027-02-20`;
  const named = [cell('make'), cell('model'), style].filter(Boolean).join(' ');
  const says: Partial<Record<keyof LotFactsSaid, unknown>> = {
    ...(named !== '' && { title: year === '' ? named : `${named}, ${year}` }),
    ...(days !== '' && { reserveDays: Number(days) }),
    ...(cell('report_due') !== '' && { reportDueOn: cell('report_due') }),
  };
  for (const [column, fact] of Object.entries(COLUMN_FACTS))
    if (cell(column as Column) !== '') says[fact] = cell(column as Column);
  const fits = lotFactsSchema.partial().safeParse(says);
  if (!fits.success) {
    const [issue] = fits.error.issues;
    return `${String(issue!.path[0])}: ${issue!.message}`;
  }
  return { number: Number(cell('number')), says: fits.data };
}

/** What taking a line would do. */
export type ListStep =
  | {
      readonly does: 'adds';
      readonly line: number;
      readonly number: number;
      readonly facts: Partial<LotFactsSaid> & { title: string };
    }
  | {
      readonly does: 'changes';
      readonly line: number;
      readonly number: number;
      readonly id: string;
      readonly changes: readonly FactChange[];
    }
  | { readonly does: 'nothing'; readonly line: number; readonly number: number }
  | { readonly does: 'refused'; readonly line: number; readonly number: number; readonly why: 'no-car' | 'other-car' };

export interface FactChange {
  readonly fact: keyof LotFactsSaid;
  readonly before: string | number | null;
  readonly after: string | number | null;
}

/**
 * What taking a list into a sale would do, line by line, by the lots that the sale has. A lot in which something was
 * entered is not renamed: another car under its number would carry what was seen of the first. The same list taken twice
 * does nothing the second time.
 */
export function planList(listed: readonly ListedLot[], present: readonly PresentLot[]): ListStep[] {
  const held = new Map(present.map((p) => [p.number, p]));
  return listed.map(({ line, number, says }) => {
    const lot = held.get(number);
    if (!lot) {
      const { title } = says;
      return title === undefined
        ? { does: 'refused', line, number, why: 'no-car' }
        : { does: 'adds', line, number, facts: { ...says, title } };
    }
    const changes = (Object.keys(says) as (keyof LotFactsSaid)[])
      .filter((fact) => says[fact] !== lot.facts[fact])
      .map((fact) => ({ fact, before: lot.facts[fact], after: says[fact]! }));
    if (changes.length === 0) return { does: 'nothing', line, number };
    if (lot.begun && changes.some((c) => c.fact === 'title'))
      return { does: 'refused', line, number, why: 'other-car' };
    return { does: 'changes', line, number, id: lot.id, changes };
  });
}
