import type { Role } from '@/core/people/roles';
import type { Sale } from '@/core/yard/sale-facts';
import type { YardSeen } from '@/core/yard/yard-seen';
import { dayText } from '@/words/dates';
import { BAND_LIMITS, type RowFacts, rowFacts } from './row-facts';

export interface Me {
  readonly name: string;
  readonly role: Role;
}

/** What the Yard shows, in words: no more than it draws. */
export interface YardFacts extends Omit<YardSeen, 'sales' | 'today' | 'rows' | 'next'> {
  readonly me: Me;
  readonly sales: readonly Pick<Sale, 'id' | 'name' | 'state'>[];
  /** Where and when the sale is. */
  readonly days: string;
  readonly rows: readonly RowFacts[];
  /** Where bands of the grade begin, for the ticks of the rows' scales. */
  readonly limits: readonly number[];
  readonly next: RowFacts | null;
}

const daysOf = ({ place, opensOn, closesOn }: Sale) =>
  [place, opensOn && `opens ${dayText(opensOn)}`, closesOn && `closes ${dayText(closesOn)}`]
    .filter(Boolean)
    .join(' · ');

/** What the Yard shows of that today. */
export function yardFacts(seen: YardSeen, me: Me): YardFacts {
  const { sales, sale, rows, next, today, ...rest } = seen;
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
