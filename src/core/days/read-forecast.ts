import { type BadRow, csvRows } from '../csv/rows';

const YES = /^(yes|y|1|true|rain|wet)$/i;
const NO = /^(no|n|0|false|dry|)$/i;

/** Reads a forecast `day,rain` (a day such as 2027-03-08; yes or no), and every bad row by line number. Days beside the plan are left out. */
export function readForecastCsv(text: string, days: readonly string[]): { wet: number[]; bad: BadRow[] } {
  const { taken, bad } = csvRows(text, ['day', 'rain'], ['day'], (row): { day: number; wet: boolean } | string => {
    const rain = row.rain ?? '';
    if (!/^\d{4}-\d{2}-\d{2}$/.test(row.day ?? '')) return `a day is written 2027-03-08, not “${row.day ?? ''}”`;
    if (!YES.test(rain) && !NO.test(rain)) return `rain is yes or no, not “${rain}”`;
    return { day: days.indexOf(row.day!), wet: YES.test(rain) };
  });
  return { wet: taken.filter((t) => t.wet && t.day >= 0).map((t) => t.day), bad };
}
