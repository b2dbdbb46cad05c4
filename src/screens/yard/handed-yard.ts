import { remembered } from '@/core/stats/remembered';
import type { Sale } from '@/core/yard/sale-facts';
import type { YardSeen } from '@/core/yard/yard-seen';
import { type FactTable, rowsOf } from './fact-table';
import type { RowFacts } from './row-facts';

/** What the Yard shows, in words: no more than it draws. */
export interface YardFacts extends Omit<YardSeen, 'sales' | 'today' | 'rows' | 'next'> {
  readonly sales: readonly Pick<Sale, 'id' | 'name' | 'state'>[];
  /** Where and when the sale is. */
  readonly days: string;
  readonly rows: readonly RowFacts[];
  /** Where bands of the grade begin, for the ticks of the rows' scales. */
  readonly limits: readonly number[];
  readonly next: RowFacts | null;
}

/** The same as it is written. */
export type WrittenYard = Omit<YardFacts, 'rows'> & { readonly rows: FactTable<RowFacts> };

/** Texts taken apart that are kept: a house's people see the same Yard, and a page is drawn anew by many things. */
const KEPT_TEXTS = 100;

/** The Yard again; the same text gives the same object, with which what is drawn of it can be kept. */
export const handedYard = remembered(
  (text: string): YardFacts => {
    const { rows, ...rest } = JSON.parse(text) as WrittenYard;
    return { ...rest, rows: rowsOf(rows) };
  },
  (text) => text,
  KEPT_TEXTS,
);
