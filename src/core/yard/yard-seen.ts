import type { Sale, SaleBeginning } from './sale-facts';
import type { Standing } from './standing';
import type { YardLot } from './yard-lot';

/** What is known of a sale and its lots when somebody opens the Yard. */
export interface YardSeen {
  readonly sales: readonly Sale[];
  readonly sale: Sale | null;
  /** What the house says of itself: with it a new sale begins. */
  readonly beginning: SaleBeginning;
  /** The calendar day in the sale's own zone. */
  readonly today: string;
  readonly rows: readonly YardLot[];
  readonly nextPage: string | null;
  readonly counts: Readonly<Record<Standing, number>>;
  readonly next: YardLot | null;
  readonly highest: number;
  /** Address of the sale's page for bidders; null where it has none, or for whoever may not open one. */
  readonly salePage: string | null;
}
