import { type BadRow, csvRows, numberOrNull } from '../csv/rows';
import type { RouteLot } from './booking';

const COLUMNS = ['lot', 'minutes', 'pit_minutes', 'due'] as const;
const DAY_MS = 24 * 3600_000;
const MOST_MINUTES = 24 * 60;

/** Days from one to another, both counted in, as `YYYY-MM-DD`; null where they are no days or the wrong way round. */
export function daysBetween(from: string, to: string): readonly string[] | null {
  const [a, b] = [from, to].map((d) => (/^\d{4}-\d{2}-\d{2}$/.test(d) ? Date.parse(`${d}T00:00:00Z`) : Number.NaN));
  if (!(b! >= a!)) return null;
  return Array.from({ length: Math.round((b! - a!) / DAY_MS) + 1 }, (_, i) =>
    new Date(a! + i * DAY_MS).toISOString().slice(0, 10),
  );
}

/**
 * Reads lots to be visited `lot,minutes,pit_minutes,due` within some days, and every bad row by line number. A day due before
 * the first of them cannot be kept; one after the last is as good as none.
 */
export function readRouteCsv(text: string, days: readonly string[]): { lots: RouteLot[]; bad: BadRow[] } {
  const seen = new Set<string>();
  const { taken, bad } = csvRows(text, COLUMNS, ['lot', 'minutes'], (row): RouteLot | string => {
    const id = row.lot ?? '';
    if (id === '') return 'a lot has a number or a name';
    if (seen.has(id)) return `lot “${id}” stands twice`;
    const minutes = numberOrNull(row.minutes ?? '');
    if (minutes === null || minutes === 'bad' || minutes <= 0 || minutes > MOST_MINUTES)
      return `minutes must be above 0 and at most ${MOST_MINUTES}, not “${row.minutes ?? ''}”`;
    const pit = numberOrNull(row.pit_minutes ?? '') ?? 0;
    if (pit === 'bad' || pit < 0 || pit > minutes)
      return `pit_minutes must be from 0 to the visit’s minutes, not “${row.pit_minutes ?? ''}”`;
    const due = row.due ?? '';
    if (due !== '' && !daysBetween(due, due)) return `due must be a day such as 2027-03-08 or empty, not “${due}”`;
    seen.add(id);
    return { id, minutes, pitMinutes: pit, dueDay: due === '' ? null : dayIndex(due, days) };
  });
  return { lots: taken, bad };
}

/** The index of the last of the days that is not after a day; -1 before the first. */
const dayIndex = (due: string, days: readonly string[]) => days.findLastIndex((d) => d <= due);
