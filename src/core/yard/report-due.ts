import { dayAfter } from './standing';

/**
 * The day by which a lot's report is due when none was set for it: so many days before its sale opens, by the lot's own
 * days where it has them, else by the sale's. Null where the sale has no opening day or nobody said how many days.
 */
export function reportDue(
  sale: { readonly opensOn: string | null; readonly reportDaysBefore: number | null },
  reserveDays: number | null,
): string | null {
  const days = reserveDays ?? sale.reportDaysBefore;
  return sale.opensOn === null || days === null ? null : dayAfter(sale.opensOn, -days);
}
