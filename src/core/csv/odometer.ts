import { daySchema } from '../kinds/common';
import type { OdometerReading } from '../odometer/histories';
import { groupedFigureOf } from '../units/figure';
import { type BadRow, csvRows } from './rows';

const COLUMNS = ['on', 'value', 'source'] as const;
/** Words of a source that tell of another odometer, or one that was set. */
const CHANGED = /\b(chang|replac|swap|exchang|reset|new (odometer|speedometer|clock|unit|instrument))/i;

/** A source that says the odometer was changed. */
export const saysChanged = (source: string): boolean => CHANGED.test(source);

/** Reads odometer readings (docs/formats/command-line.md), and every bad row by line number. */
export function readOdometerCsv(text: string, digits: number): { readings: OdometerReading[]; bad: BadRow[] } {
  const { taken, bad } = csvRows(text, COLUMNS, ['on', 'value'], (row): OdometerReading | string => {
    const on = daySchema.safeParse(row.on ?? '');
    if (!on.success) return `“${row.on ?? ''}” is no day such as 1987-06-30`;
    const value = groupedFigureOf(row.value ?? '');
    if (typeof value !== 'number' || value < 0) return `“${row.value ?? ''}” is no reading`;
    if (value >= 10 ** digits) return `${row.value} has more than ${digits} digits`;
    const source = row.source ?? '';
    return { on: on.data, value, source, ...(saysChanged(source) && { changed: true }) };
  });
  return { readings: taken, bad };
}
