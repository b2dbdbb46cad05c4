import type { Role } from '@/core/people/roles';
import type { Sale, SaleBeginning } from '@/core/yard/sale-facts';
import type { Standing } from '@/core/yard/standing';
import type { YardLot } from '@/core/yard/yard-lot';
import { dayText } from '@/words/dates';
import { BAND_LIMITS, type RowFacts, rowFacts } from './row-facts';

/** What is known of a sale and its lots when somebody opens the Yard. */
export interface YardKnown {
  readonly sales: readonly Sale[];
  readonly sale: Sale | null;
  readonly beginning: SaleBeginning;
  readonly today: string;
  readonly rows: readonly YardLot[];
  readonly nextPage: string | null;
  readonly counts: Readonly<Record<Standing, number>>;
  readonly next: YardLot | null;
  readonly highest: number;
  readonly salePage: string | null;
}

export interface Me {
  readonly name: string;
  readonly role: Role;
}

/** What the Yard shows, in words: no more than it draws. */
export interface YardFacts {
  readonly me: Me;
  readonly sales: readonly Pick<Sale, 'id' | 'name' | 'state'>[];
  readonly sale: Sale | null;
  /** Where and when the sale is. */
  readonly days: string;
  /** With what a new sale begins. */
  readonly beginning: SaleBeginning;
  readonly rows: readonly RowFacts[];
  /** Where bands of the grade begin, for the ticks of the rows' scales. */
  readonly limits: readonly number[];
  readonly nextPage: string | null;
  readonly counts: Readonly<Record<Standing, number>>;
  readonly next: RowFacts | null;
  readonly highest: number;
  readonly salePage: string | null;
}

const daysOf = ({ place, opensOn, closesOn }: Sale) =>
  [place, opensOn && `opens ${dayText(opensOn)}`, closesOn && `closes ${dayText(closesOn)}`]
    .filter(Boolean)
    .join(' · ');

/** What the Yard shows of that today. */
export function yardFacts(known: YardKnown, me: Me): YardFacts {
  const { sales, sale, rows, next, today, ...rest } = known;
  return {
    ...rest,
    me,
    sales: sales.map(({ id, name, state }) => ({ id, name, state })),
    sale,
    days: sale ? daysOf(sale) : '',
    rows: rows.map((r) => rowFacts(r, today)),
    limits: BAND_LIMITS,
    next: next && rowFacts(next, today),
  };
}
