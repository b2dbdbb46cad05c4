import { amongShipped, ownAmong } from '@/core/grade/all-tables';
import type { AnyRecord } from '@/core/kinds';
import type { InspectionFacts } from './inspection-facts';

interface Handed {
  readonly facts: InspectionFacts;
  readonly records: readonly AnyRecord[];
}

/**
 * A lot as its page is handed it: one text, with the house's own tables alone. Described to the browser value by value, as the
 * framework does, hundreds of records cost more than all that is drawn of them, and the shipped tables are in the program.
 */
export const handOver = ({ facts, records }: Handed): string =>
  JSON.stringify({ facts: { ...facts, tables: ownAmong(facts.tables) }, records });

/** The lot again, as it was handed over by the same program. */
export function handed(text: string): Handed {
  const { facts, records } = JSON.parse(text) as Handed;
  return { facts: { ...facts, tables: amongShipped(facts.tables) }, records };
}
