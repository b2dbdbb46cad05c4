import { type Prepared, prepare, type Solve } from '../prepare/prepare';
import type { ProgramLimits } from '../program/integer-program';
import type { CostTable } from '../work/cost-table';
import { type Preparable, type PreparedSet, prepareJobs, setOf, tooLateJobs } from './prepare-car';
import type { WorkPlan } from './work-plan';

/** A lot with the jobs that could be done on it. */
export interface LotToPrepare {
  readonly lot: string;
  readonly jobs: readonly Preparable[];
}
export interface ShopTaken {
  readonly shop: string;
  readonly hours: number;
  /** Hours that it has before the sale. */
  readonly of: number;
}
export interface SalePrepared extends Omit<PreparedSet, 'chosen' | 'allowed'>, Pick<Prepared, 'proved' | 'gap'> {
  readonly lots: readonly ({ readonly lot: string; readonly tooLate: readonly string[] } & PreparedSet)[];
  readonly shops: readonly ShopTaken[];
}

const PART = ' ';

/**
 * The jobs worth doing on a sale's lots together, under one budget and with shops that work for all of them: the set with the
 * largest sum of gains less costs (core/prepare). `gap`: by how much of its net a better set could at most beat it. A trade
 * that the plan does not name has no hours. Null where the time did not suffice to find any set.
 */
export function prepareSale(
  lots: readonly LotToPrepare[],
  plan: WorkPlan,
  cost: Pick<CostTable, 'allow' | 'hoursPerDay'>,
  solve: Solve,
  limits: ProgramLimits = {},
): SalePrepared | null {
  const late = new Map(lots.map((l) => [l.lot, tooLateJobs(l.jobs, plan.days, cost.hoursPerDay)]));
  const jobs = lots.flatMap((l) => prepareJobs(l.jobs, late.get(l.lot)!, cost, `${l.lot}${PART}`));
  const planned = new Map(plan.shops.map((s) => [s.trade as string, s]));
  const trades = [...new Set(jobs.map((j) => j.shop))].filter(Boolean);
  const shops = trades.map((id) => {
    const shop = planned.get(id);
    return { id, hoursPerDay: shop?.hoursPerDay ?? 0, waitsDays: shop?.waitsDays ?? 0 };
  });
  const found = prepare({ jobs, shops, budget: plan.budget, days: plan.days }, solve, limits);
  if (!found.ok) return null;
  const whole = setOf(found.chosen, jobs);
  const own = (id: string, lot: string) => id.startsWith(`${lot}${PART}`);
  const bare = (id: string) => id.slice(id.indexOf(PART) + PART.length);
  const chosen = new Set(whole.chosen);
  return {
    cost: whole.cost,
    net: whole.net,
    proved: found.proved,
    gap: found.gap,
    lots: lots.map(({ lot }) => {
      const set = setOf(
        found.chosen.filter((id) => own(id.replace(/^allow:/, ''), lot)),
        jobs,
      );
      return {
        ...set,
        lot,
        chosen: set.chosen.map(bare),
        allowed: set.allowed.map((a) => ({ ...a, job: bare(a.job) })),
        tooLate: [...late.get(lot)!],
      };
    }),
    shops: shops.map((s) => ({
      shop: s.id,
      hours: jobs.filter((j) => j.shop === s.id && chosen.has(j.id)).reduce((n, j) => n + j.hours, 0),
      of: s.hoursPerDay * Math.max(0, plan.days - s.waitsDays),
    })),
  };
}
