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

/** A job as the choice before a sale weighs it, whatever the days and the budget are. */
export interface Preparable {
  readonly key: string;
  readonly work: Job['work'];
  readonly zone: string | null;
  readonly cost: number;
  /** Money off that would pay whoever does it later: at the house's rates, with what the job needs. */
  readonly allow: number;
  readonly gain: number;
  readonly hours: number;
  readonly waitsDays: number;
  readonly shop: Trade;
  /** Jobs that only follow from it and are done with it. */
  readonly needs: readonly string[];
  /** Whether it puts anything right itself. */
  readonly serves: boolean;
}

/** A car's jobs as they can be weighed. Of faults beside each other either can be left; what only follows is needed. */
export function preparables({ work, gains, judgement, own }: Preparing): Preparable[] {
  const rates = ratesOf(judgement, own ? { own } : {});
  const house = ratesOf(judgement, {});
  const byKey = new Map(work.jobs.map((j) => [j.key, j]));
  const needs = (j: Job) => j.after.flatMap((a) => (byKey.get(a)?.serves.length === 0 ? [byKey.get(a)!] : []));
  return work.jobs.map((j) => ({
    key: j.key,
    work: j.work,
    zone: j.zone,
    cost: jobCost(j, rates).likely,
    allow: [j, ...needs(j)].reduce((s, n) => s + jobCost(n, house).likely, 0),
    gain: gains.get(j.key) ?? 0,
    hours: j.hours[1],
    waitsDays: j.waitsDays,
    shop: j.trades[0]!,
    needs: needs(j).map((n) => n.key),
    serves: j.serves.length > 0,
  }));
}

/** Jobs that cannot be ready in so many days, and those that need one of these. */
export function tooLateJobs(jobs: readonly Preparable[], days: number, hoursPerDay: number): ReadonlySet<string> {
  const late = new Set(jobs.filter((j) => j.waitsDays + j.hours / hoursPerDay > days).map((j) => j.key));
  for (let grew = true; grew; ) {
    grew = false;
    for (const j of jobs)
      if (!late.has(j.key) && j.needs.some((a) => late.has(a))) {
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
  jobs: readonly Preparable[],
  late: ReadonlySet<string>,
  { allow }: Pick<CostTable, 'allow'>,
  prefix = '',
): PrepareJob[] {
  return jobs.flatMap((j): PrepareJob[] => {
    const id = `${prefix}${j.key}`;
    const allows = j.serves && j.gain > 0 && j.allow >= allow.least;
    const group = allows ? { oneOf: id } : {};
    const after = j.needs.map((n) => `${prefix}${n}`);
    const doing: PrepareJob = { id, cost: j.cost, gain: j.gain, hours: j.hours, shop: j.shop, after, ...group };
    const allowing: PrepareJob = {
      id: `${ALLOW}${id}`,
      cost: j.allow,
      gain: j.gain * allow.gain,
      spends: 0,
      hours: 0,
      shop: '',
      after: [],
      ...group,
    };
    return [...(late.has(j.key) ? [] : [doing]), ...(allows ? [allowing] : [])];
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
  const weighed = preparables(preparing);
  const late = tooLateJobs(weighed, days, hoursPerDay);
  const jobs = prepareJobs(weighed, late, preparing.cost);
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
