import { daysUntil } from '@/ui/dates';

/** What the Yard knows of a lot. */
export interface YardLot {
  readonly id: string;
  readonly number: number;
  readonly title: string;
  readonly reportDueOn: string | null;
  readonly keeper: string;
  readonly revision: number;
  readonly state: 'draft' | 'reviewed' | 'sealed';
  readonly summary: {
    readonly records: number;
    readonly seen: number;
    readonly blocked: number;
    readonly grade: { low: number; value: number; high: number; band: string } | null;
    readonly readings: number;
    readonly findings: number;
    readonly photos: number;
    readonly gates: readonly string[];
    readonly car: string;
  };
}

/** Below this share seen, an open lot near its day is called thin; house value. */
export const THIN_BELOW = 0.6;
/** Days before the report is due from which thinness counts; house value. */
export const THIN_WITHIN_DAYS = 5;

export type Standing = 'sealed' | 'late' | 'thin' | 'going' | 'not begun';

/** Where a lot stands today: sealed, late, thin (little seen and soon due), going, or not begun. */
export function standing(lot: YardLot, today: string): Standing {
  if (lot.state === 'sealed') return 'sealed';
  const left = lot.reportDueOn ? daysUntil(lot.reportDueOn, today) : null;
  if (left !== null && left < 0) return 'late';
  if (left !== null && left <= THIN_WITHIN_DAYS && lot.summary.seen < THIN_BELOW) return 'thin';
  return lot.summary.records > 0 ? 'going' : 'not begun';
}

/** The lot to go on with: late before thin before going, then by day due, then by number. */
export function nextLot(lots: readonly YardLot[], today: string): YardLot | null {
  const rank: Record<Standing, number> = { late: 0, thin: 1, going: 2, 'not begun': 3, sealed: 9 };
  const open = lots.filter((l) => l.state !== 'sealed');
  return (
    [...open].sort(
      (a, b) =>
        rank[standing(a, today)] - rank[standing(b, today)] ||
        (a.reportDueOn ?? '9').localeCompare(b.reportDueOn ?? '9') ||
        a.number - b.number,
    )[0] ?? null
  );
}

export const SORTS = { number: 'lot number', due: 'day due', seen: 'least seen', grade: 'grade' } as const;
export type Sort = keyof typeof SORTS;

/** Lots in the wished order; equal ones by number. */
export function sorted(lots: readonly YardLot[], by: Sort): YardLot[] {
  const key = (l: YardLot): number | string =>
    by === 'due'
      ? (l.reportDueOn ?? '9999')
      : by === 'seen'
        ? l.summary.seen
        : by === 'grade'
          ? -(l.summary.grade?.value ?? -1)
          : l.number;
  return [...lots].sort((a, b) => (key(a) < key(b) ? -1 : key(a) > key(b) ? 1 : a.number - b.number));
}

/** Lots whose number, title or keeper holds every word searched for. */
export function matching(lots: readonly YardLot[], search: string): YardLot[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  return lots.filter((l) => words.every((w) => `${l.number} ${l.title} ${l.keeper}`.toLowerCase().includes(w)));
}
