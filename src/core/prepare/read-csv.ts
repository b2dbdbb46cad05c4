import { type BadRow, csvRows, numberOrNull } from '../csv/rows';
import type { PrepareJob, Shop } from './prepare';

const JOB_COLUMNS = ['job', 'cost', 'gain', 'hours', 'shop', 'after'] as const;
const SHOP_COLUMNS = ['shop', 'hours_per_day', 'waits_days'] as const;

type Row = Readonly<Record<string, string>>;
/** A field that must be a number from a least one on; the sentence that says what is wrong, else. */
function figure(row: Row, name: string, least: number, otherwise?: number): number | string {
  const n = numberOrNull(row[name] ?? '');
  if (n === null && otherwise !== undefined) return otherwise;
  if (n === null || n === 'bad') return `${name} must be a number, not “${row[name] ?? ''}”`;
  return n < least ? `${name} must be ${least} or more, not ${n}` : n;
}
const firstText = (...values: readonly (number | string)[]): string | undefined =>
  values.find((v): v is string => typeof v === 'string');

/** Reads jobs `job,cost,gain,hours,shop,after` (docs/formats/command-line.md), and every bad row by line number. */
export function readJobsCsv(text: string): { jobs: PrepareJob[]; bad: BadRow[] } {
  const { taken, bad } = csvRows(text, JOB_COLUMNS, ['job', 'cost', 'gain'], (row): PrepareJob | string => {
    const id = row.job ?? '';
    if (id === '' || /\s/.test(id)) return `a job has a name without blanks, not “${id}”`;
    const cost = figure(row, 'cost', 0);
    const gain = figure(row, 'gain', Number.NEGATIVE_INFINITY);
    const hours = figure(row, 'hours', 0, 0);
    const wrong = firstText(cost, gain, hours);
    if (wrong !== undefined) return wrong;
    return {
      id,
      cost: cost as number,
      gain: gain as number,
      hours: hours as number,
      shop: row.shop ?? '',
      after: (row.after ?? '').split(/\s+/).filter(Boolean),
    };
  });
  return { jobs: taken, bad };
}

/** Reads shops `shop,hours_per_day,waits_days`, and every bad row by line number. */
export function readShopsCsv(text: string): { shops: Shop[]; bad: BadRow[] } {
  const seen = new Set<string>();
  const { taken, bad } = csvRows(text, SHOP_COLUMNS, ['shop', 'hours_per_day'], (row): Shop | string => {
    const id = row.shop ?? '';
    if (id === '') return 'a shop has a name';
    if (seen.has(id)) return `the shop “${id}” stands twice`;
    const hoursPerDay = figure(row, 'hours_per_day', 0);
    const waitsDays = figure(row, 'waits_days', 0, 0);
    const wrong = firstText(hoursPerDay, waitsDays);
    if (wrong !== undefined) return wrong;
    seen.add(id);
    return { id, hoursPerDay: hoursPerDay as number, waitsDays: waitsDays as number };
  });
  return { shops: taken, bad };
}
