import load from 'highs';
import { type LotToPrepare, prepareSale, type SalePrepared } from '@/core/cost/prepare-sale';
import type { WorkPlan } from '@/core/cost/work-plan';
import { solveProgram } from '@/core/program/integer-program';
import type { CostTable } from '@/core/work/cost-table';

export interface SaleWorkQuestion {
  readonly id: number;
  readonly lots: readonly LotToPrepare[];
  readonly plan: WorkPlan;
  readonly cost: Pick<CostTable, 'allow' | 'hoursPerDay'>;
}
export interface SaleWorkAnswer {
  readonly id: number;
  readonly found: SalePrepared | null;
}

/** A set within a hundredth of the best is proven enough, and sought no longer than this. */
const LIMITS = { gap: 0.01, seconds: 20 };
const solver = load();

/** Chooses among the jobs of a whole sale off the page's thread. */
self.onmessage = async ({ data: { id, lots, plan, cost } }: MessageEvent<SaleWorkQuestion>) => {
  const highs = await solver;
  const found = prepareSale(lots, plan, cost, (program, limits) => solveProgram(highs, program, limits), LIMITS);
  self.postMessage({ id, found } satisfies SaleWorkAnswer);
};
