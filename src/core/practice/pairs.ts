import type { PairOfGauges, PairOfLooks } from '../agreement/house';
import type { PracticeRow } from './practice-row';

/** The pairs of looks among practice lots: closed second looks. */
export const pairsAmong = (rows: readonly Pick<PracticeRow, 'outcome' | 'closedAt'>[]): PairOfLooks[] =>
  rows.flatMap((r) =>
    r.outcome?.kind === 'second' && r.closedAt
      ? [{ first: r.outcome.first, second: r.outcome.second, at: r.closedAt, whole: r.outcome.agreement.whole }]
      : [],
  );

/** The pairs of gauges among them: what their films differed by, where both gauges were named and panels enough. */
export const gaugesAmong = (rows: readonly Pick<PracticeRow, 'outcome' | 'closedAt'>[]): PairOfGauges[] =>
  rows.flatMap((r) => {
    if (r.outcome?.kind !== 'second' || !r.closedAt || !r.outcome.gauges) return [];
    const { limits } = r.outcome.agreement.film;
    return limits ? [{ ...r.outcome.gauges, at: r.closedAt, differUm: limits.bias }] : [];
  });
