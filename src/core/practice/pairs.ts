import type { PairOfLooks } from '../agreement/house';
import type { PracticeRow } from './practice-row';

/** The pairs of looks among practice lots: closed second looks. */
export const pairsAmong = (rows: readonly Pick<PracticeRow, 'outcome' | 'closedAt'>[]): PairOfLooks[] =>
  rows.flatMap((r) =>
    r.outcome?.kind === 'second' && r.closedAt
      ? [{ first: r.outcome.first, second: r.outcome.second, at: r.closedAt, whole: r.outcome.agreement.whole }]
      : [],
  );
