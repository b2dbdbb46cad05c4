import { type SaleFacts, type SaleFault, saleFault } from '@/core/yard/sale-facts';
import { problem } from './api';

export const SALE_EXPECTED =
  'A sale has a name, place, time zone, currency, words (en-GB or en-US), units (um or mil), kerb (left or right); opening, closing and catalogue day as 2027-02-24 or null; days before the opening by which reports are due, or null; the end of its embargo as an instant, or null. Nothing was changed.';

const SAYS: Readonly<Record<SaleFault['fault'], string>> = {
  'closes-before-opening': 'The sale closes before it opens. Nothing was changed.',
  'report-days-without-opening':
    'Reports are due so many days before the opening: give the opening day too. Nothing was changed.',
};

/** The answer to a sale whose facts contradict themselves; null when they do not. */
export function saleProblem(facts: Pick<SaleFacts, 'opensOn' | 'closesOn' | 'reportDaysBefore'>): Response | null {
  const found = saleFault(facts);
  return found && problem(422, found.fault, SAYS[found.fault]);
}
