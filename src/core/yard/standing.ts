/** What the Yard judges a lot by. */
export interface LotFacts {
  readonly number: number;
  readonly reportDueOn: string | null;
  readonly state: 'draft' | 'reviewed' | 'sealed' | 'given-up';
  /** Share of the car seen, 0 to 1, and how many records there are. */
  readonly seen: number;
  readonly records: number;
  /** Points between the ends of its grade's interval. */
  readonly doubt: number;
  /** Whether it was taken out of the sale. */
  readonly withdrawn: boolean;
}

/** House values of the Yard's order of urgency; unit in the name. */
export const YARD_LIMITS = {
  /** Below this share seen, an open lot near its day is called thin. */
  thinBelowShare: 0.6,
  /** So is one whose grade may lie in a band or the next but one: points between the ends of its interval. */
  thinAbovePoints: 20,
  /** Days before the report is due from which thinness counts. */
  thinWithinDays: 5,
} as const;

export const STANDINGS = ['late', 'thin', 'going', 'not begun', 'sealed', 'withdrawn'] as const;
export type Standing = (typeof STANDINGS)[number];

const DAY_MS = 86_400_000;

/** The calendar day a number of days after another, as YYYY-MM-DD. */
export function dayAfter(day: string, days: number): string {
  return new Date(Date.parse(`${day}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);
}

/** Where a lot stands today: withdrawn, sealed, late, thin (soon due, and little seen or the grade in much doubt), going, or not begun. */
export function standing(lot: LotFacts, today: string): Standing {
  if (lot.withdrawn) return 'withdrawn';
  if (lot.state === 'sealed') return 'sealed';
  if (lot.reportDueOn !== null && lot.reportDueOn < today) return 'late';
  const soon = lot.reportDueOn !== null && lot.reportDueOn <= dayAfter(today, YARD_LIMITS.thinWithinDays);
  if (soon && (lot.seen < YARD_LIMITS.thinBelowShare || lot.doubt > YARD_LIMITS.thinAbovePoints)) return 'thin';
  return lot.records > 0 ? 'going' : 'not begun';
}

export const SORTS = {
  number: 'lot number',
  due: 'day due',
  seen: 'least seen',
  grade: 'grade',
  visit: 'planned visit',
} as const;
export type Sort = keyof typeof SORTS;
