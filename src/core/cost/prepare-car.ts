import type { Trade } from '../catalogue/remedies';
import type { Judgement } from '../judge/judge';
import { type PrepareJob, prepareWithNext, type Shop, type Solve } from '../prepare/prepare';
import type { CostTable } from '../work/cost-table';
import { jobCost, ratesOf, type Work } from './cost';
import type { Job } from './jobs';

/** A car's work and what each of its jobs adds to the expected price. */
export interface Preparing {
  readonly work: Work;
  readonly gains: ReadonlyMap<string, number>;
  readonly judgement: Judgement;
  readonly cost: CostTable;
  readonly own?: readonly Trade[];
}
/** Jobs worth doing, and those worth an allowance. */
export interface PreparedSet {
  readonly chosen: readonly string[];
  readonly allowed: readonly { readonly job: string; readonly amount: number }[];
  /** What is spent before the sale; allowances are not. */
  readonly cost: number;
  readonly net: number;
}
export interface Preparation extends PreparedSet {
  readonly proved: boolean;
  readonly next: PreparedSet | null;
  readonly moreBudget: { readonly by: number; readonly net: number } | null;
  /** Jobs that cannot be done in the days there are, whatever is spent. */
  readonly tooLate: readonly string[];
}

const MORE = 100;
const ALLOW = 'allow:';

/** Jobs that cannot be ready in so many days, and those that wait for work that only follows from them. */
export function tooLateJobs(jobs: readonly Job[], days: number, hoursPerDay: number): ReadonlySet<string> {
  const serves = new Map(jobs.map((j) => [j.key, j.serves.length]));
  const late = new Set(jobs.filter((j) => j.waitsDays + j.hours[1] / hoursPerDay > days).map((j) => j.key));
  for (let grew = true; grew; ) {
    grew = false;
    for (const j of jobs)
      if (!late.has(j.key) && j.after.some((a) => late.has(a) && serves.get(a) === 0)) {
        late.add(j.key);
        grew = true;
      }
  }
  return late;
}

/**
 * A car's jobs as the choice before a sale has them: each that can be ready in the days there are, and for each that raises the
 * price, money off in its place, which takes neither days nor hours nor budget and is credited with a share of the gain. Of the
 * two at most one is chosen. `prefix` sets a lot's jobs apart.
 */
export function prepareJobs(
  { work, gains, judgement, cost, own }: Preparing,
  late: ReadonlySet<string>,
  prefix = '',
): PrepareJob[] {
  const rates = ratesOf(judgement, own ? { own } : {});
  const house = ratesOf(judgement, {});
  const byKey = new Map(work.jobs.map((j) => [j.key, j]));
  // Work that only follows from other work is needed by it; of faults beside each other either can be left.
  const needs = (j: Job) => j.after.flatMap((a) => (byKey.get(a)?.serves.length === 0 ? [byKey.get(a)!] : []));
  return work.jobs.flatMap((j): PrepareJob[] => {
    const gain = gains.get(j.key) ?? 0;
    const id = `${prefix}${j.key}`;
    const allow = j.serves.length > 0 && gain > 0;
    const group = allow ? { oneOf: id } : {};
    const doing: PrepareJob = {
      id,
      cost: jobCost(j, rates).likely,
      gain,
      hours: j.hours[1],
      shop: j.trades[0]!,
      after: needs(j).map((n) => `${prefix}${n.key}`),
      ...group,
    };
    const amount = [j, ...needs(j)].reduce((s, n) => s + jobCost(n, house).likely, 0);
    const allowing: PrepareJob = {
      id: `${ALLOW}${id}`,
      cost: amount,
      gain: gain * cost.allow.gain,
      spends: 0,
      hours: 0,
      shop: '',
      after: [],
      ...group,
    };
    return [...(late.has(j.key) ? [] : [doing]), ...(allow ? [allowing] : [])];
  });
}

/** The shops that jobs take, each with so many hours a day. */
export const shopsOf = (jobs: readonly PrepareJob[], hoursPerDay: number): Shop[] =>
  [...new Set(jobs.map((j) => j.shop))].filter(Boolean).map((id) => ({ id, hoursPerDay, waitsDays: 0 }));

/** What was chosen, told apart: what is done and what is allowed. */
export function setOf(chosen: readonly string[], jobs: readonly PrepareJob[]): PreparedSet {
  const own = jobs.filter((j) => chosen.includes(j.id));
  const allowed = own.filter((j) => j.id.startsWith(ALLOW));
  const done = own.filter((j) => !j.id.startsWith(ALLOW));
  return {
    chosen: done.map((j) => j.id),
    allowed: allowed.map((j) => ({ job: j.id.slice(ALLOW.length), amount: j.cost })),
    cost: done.reduce((s, j) => s + j.cost, 0),
    net: own.reduce((s, j) => s + j.gain - j.cost, 0),
  };
}

/** The best set for one car under a budget and so many days, or null where no time sufficed to find any. */
export function prepareCar(
  preparing: Preparing,
  { budget, days }: { readonly budget: number; readonly days: number },
  solve: Solve,
): Preparation | null {
  const { hoursPerDay } = preparing.cost;
  const late = tooLateJobs(preparing.work.jobs, days, hoursPerDay);
  const jobs = prepareJobs(preparing, late);
  const found = prepareWithNext({ jobs, shops: shopsOf(jobs, hoursPerDay), budget, days }, solve, MORE);
  if ('ok' in found) return null;
  const { best, next, moreBudget } = found;
  return {
    ...setOf(best.chosen, jobs),
    proved: best.proved,
    next: next && setOf(next.chosen, jobs),
    moreBudget,
    tooLate: [...late],
  };
}
