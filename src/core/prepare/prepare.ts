import type { IntegerProgram, ProgramAnswer, ProgramLimits, ProgramRow } from '../program/integer-program';

/** Something that could be done before a sale. */
export interface PrepareJob {
  readonly id: string;
  /** Money that it takes, and by how much it raises the expected price. */
  readonly cost: number;
  readonly gain: number;
  /** What of its cost the budget bears; all of it where nothing is said. Money off the price bears on no budget. */
  readonly spends?: number;
  readonly hours: number;
  /** Who does it; empty: nobody's time is taken. */
  readonly shop: string;
  /** Jobs that must be chosen too. */
  readonly after: readonly string[];
  /** Of jobs with the same word one at most is chosen: doing it, or an allowance for it. */
  readonly oneOf?: string;
}
export interface Shop {
  readonly id: string;
  readonly hoursPerDay: number;
  /** Days until it can begin. */
  readonly waitsDays: number;
}
export interface PrepareProblem {
  readonly jobs: readonly PrepareJob[];
  readonly shops: readonly Shop[];
  readonly budget: number;
  readonly days: number;
}

export interface Chosen {
  readonly chosen: readonly string[];
  readonly cost: number;
  readonly gain: number;
  readonly net: number;
}
export interface Prepared extends Chosen {
  /** No other set nets more, shown by the solver. */
  readonly proved: boolean;
  /** By how much of its net a better set could at most beat it; 0 where none can. */
  readonly gap: number;
}

export type PrepareRefusal = 'job-twice' | 'unknown-shop' | 'unknown-job' | 'no-time';
export type Refused = { readonly ok: false; readonly reason: PrepareRefusal; readonly of: string };

export type Solve = (program: IntegerProgram, limits?: ProgramLimits) => ProgramAnswer;

/** Sums of money and hours agree to this share: sums of decimals differ from those written by less. */
const SAME = 1e-9;
/** Sets that miss a limit by the solver's own tolerance are ruled out one by one, so many at most. */
const MOST_RULED_OUT = 40;

const spent = (j: PrepareJob) => j.spends ?? j.cost;
const within = (sum: number, limit: number) => sum <= limit + SAME * Math.max(1, Math.abs(limit));
const hoursOf = (shop: Shop, days: number) => shop.hoursPerDay * Math.max(0, days - shop.waitsDays);

/** What is wrong with a problem before it is solved, or null. */
function problemOf({ jobs, shops }: PrepareProblem): Refused | null {
  const ids = new Set<string>();
  const known = new Set(shops.map((s) => s.id));
  for (const { id } of jobs) {
    if (ids.has(id)) return { ok: false, reason: 'job-twice', of: id };
    ids.add(id);
  }
  for (const j of jobs) {
    if (j.shop !== '' && !known.has(j.shop)) return { ok: false, reason: 'unknown-shop', of: j.shop };
    const lost = j.after.find((a) => !ids.has(a));
    if (lost !== undefined) return { ok: false, reason: 'unknown-job', of: lost };
  }
  return null;
}

/** Whether a set of jobs keeps every limit to the last digit. */
export function fits(problem: PrepareProblem, chosen: ReadonlySet<string>): boolean {
  const own = problem.jobs.filter((j) => chosen.has(j.id));
  const sum = (of: (j: PrepareJob) => number, among = own) => among.reduce((s, j) => s + of(j), 0);
  const groups = own.flatMap((j) => (j.oneOf === undefined ? [] : [j.oneOf]));
  return (
    within(sum(spent), problem.budget) &&
    problem.shops.every((s) =>
      within(
        sum(
          (j) => j.hours,
          own.filter((j) => j.shop === s.id),
        ),
        hoursOf(s, problem.days),
      ),
    ) &&
    own.every((j) => j.after.every((a) => chosen.has(a))) &&
    new Set(groups).size === groups.length
  );
}

function rowsOf({ jobs, shops, budget, days }: PrepareProblem): ProgramRow[] {
  const at = new Map(jobs.map((j, i) => [j.id, i]));
  const sum = (of: (j: PrepareJob) => number, only: (j: PrepareJob) => boolean = () => true) =>
    jobs.flatMap((j, i) => (only(j) && of(j) !== 0 ? [[i, of(j)] as const] : []));
  const groups = new Map<string, PrepareJob[]>();
  for (const j of jobs) if (j.oneOf !== undefined) groups.set(j.oneOf, [...(groups.get(j.oneOf) ?? []), j]);
  return [
    { terms: sum(spent), most: budget },
    ...shops.map((s) => ({
      terms: sum(
        (j) => j.hours,
        (j) => j.shop === s.id,
      ),
      most: hoursOf(s, days),
    })),
    ...jobs.flatMap((j, i) => j.after.map((a) => ({ terms: [[i, 1] as const, [at.get(a)!, -1] as const], most: 0 }))),
    ...[...groups.values()].map((g) => ({ terms: g.map((j) => [at.get(j.id)!, 1] as const), most: 1 })),
  ];
}

/** Rules one set out: another must differ from it in one job at least. */
const notThis = (jobs: readonly PrepareJob[], chosen: ReadonlySet<string>): ProgramRow => ({
  terms: jobs.map((j, i) => [i, chosen.has(j.id) ? 1 : -1] as const),
  most: chosen.size - 1,
});

function chosenOf(jobs: readonly PrepareJob[], chosen: ReadonlySet<string>): Chosen {
  const own = jobs.filter((j) => chosen.has(j.id));
  const cost = own.reduce((s, j) => s + j.cost, 0);
  const gain = own.reduce((s, j) => s + j.gain, 0);
  return { chosen: own.map((j) => j.id), cost, gain, net: gain - cost };
}

/**
 * The set of jobs with the largest sum of gain less cost that keeps the budget, each shop's hours (hours a day × days left
 * after its waiting) and every job's predecessors: a knapsack with several limits and precedence, by integer programming
 * (Kellerer, Pferschy and Pisinger, Knapsack Problems, 2004, ch. 9). Doing nothing is always a set. Refuses jobs named twice,
 * shops and predecessors that are not there, and a problem for which the time did not suffice to find any set.
 */
export function prepare(
  problem: PrepareProblem,
  solve: Solve,
  { without = [], ...limits }: ProgramLimits & { readonly without?: readonly (readonly string[])[] } = {},
): (Prepared & { readonly ok: true }) | Refused {
  const wrong = problemOf(problem);
  if (wrong) return wrong;
  const { jobs } = problem;
  const rows = [...rowsOf(problem), ...without.map((w) => notThis(jobs, new Set(w)))];
  const columns = jobs.map((j) => ({ worth: j.gain - j.cost }));
  const nothing: Prepared & { readonly ok: true } = { ok: true, ...chosenOf(jobs, new Set()), proved: true, gap: 0 };
  if (jobs.length === 0) return nothing;
  for (let i = 0; i <= MOST_RULED_OUT; i++) {
    const answer = solve({ columns, rows }, limits);
    if (answer.status === 'infeasible') return nothing;
    if (!answer.values) return { ok: false, reason: 'no-time', of: '' };
    const chosen = new Set(jobs.flatMap((j, k) => (answer.values![k] === 1 ? [j.id] : [])));
    if (fits(problem, chosen)) {
      const set = chosenOf(jobs, chosen);
      const gap =
        answer.proved && !limits.gap ? 0 : Math.max(0, answer.bound - set.net) / Math.max(1, Math.abs(set.net));
      return { ok: true, ...set, proved: answer.proved && gap <= (limits.gap ?? 0), gap };
    }
    rows.push(notThis(jobs, chosen));
  }
  return { ok: false, reason: 'no-time', of: '' };
}

/** The best set, the next best, and what so much more budget would net. */
export function prepareWithNext(
  problem: PrepareProblem,
  solve: Solve,
  more: number,
  limits: ProgramLimits = {},
): { best: Prepared; next: Chosen | null; moreBudget: { by: number; net: number } | null } | Refused {
  const best = prepare(problem, solve, limits);
  if (!best.ok) return best;
  const next = prepare(problem, solve, { ...limits, without: [best.chosen] });
  const richer = prepare({ ...problem, budget: problem.budget + more }, solve, limits);
  return {
    best,
    next: next.ok && next.chosen.join('\n') !== best.chosen.join('\n') ? next : null,
    moreBudget: richer.ok ? { by: more, net: Math.max(0, richer.net - best.net) } : null,
  };
}
