import { keptWith } from '@/core/stats/remembered';
import type { Sale } from '@/core/yard/sale-facts';
import type { YardSeen } from '@/core/yard/yard-seen';
import { dayText } from '@/words/dates';
import { tableOf } from './fact-table';
import type { WrittenYard } from './handed-yard';
import { BAND_LIMITS, rowFacts } from './row-facts';

const daysOf = ({ place, opensOn, closesOn }: Sale) =>
  [place, opensOn && `opens ${dayText(opensOn)}`, closesOn && `closes ${dayText(closesOn)}`]
    .filter(Boolean)
    .join(' · ');

/** What the Yard shows of that today. */
function yardFacts(seen: YardSeen): WrittenYard {
  const { sales, sale, rows, next, today, ...rest } = seen;
  return {
    ...rest,
    sales: sales.map(({ id, name, state }) => ({ id, name, state })),
    sale,
    days: sale ? daysOf(sale) : '',
    rows: tableOf(rows.map((r) => rowFacts(r, today))),
    limits: BAND_LIMITS,
    next: next && rowFacts(next, today),
  };
}

/** The Yard as its page is handed it: one text. Described value by value, as the framework does, it costs more than what is drawn. */
export const handOverYard = keptWith((seen: YardSeen): string => JSON.stringify(yardFacts(seen)));
