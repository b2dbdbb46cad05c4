import type { Trade } from '../catalogue/remedies';
import type { Job } from './jobs';

/** When a job is done: days from now on which it begins and has ended. */
export interface Slot {
  readonly job: string;
  readonly trade: Trade;
  /** The first day on which it could begin by its waiting alone. */
  readonly readyDay: number;
  readonly fromDay: number;
  readonly toDay: number;
  /** A day later here is a day later for the car. */
  readonly critical: boolean;
}

/** What a slip does: by how many days the car is ready later, and which other jobs begin later, by how much. */
export interface Slip {
  readonly days: number;
  readonly later: readonly { readonly job: string; readonly days: number }[];
}

/** A job that begins so many days late, and who is late with it. */
export function slipOf(jobs: readonly Job[], hoursPerDay: number, job: string, days: number): Slip {
  const now = new Map(calendarOf(jobs, hoursPerDay).map((s) => [s.job, s]));
  const then = calendarOf(jobs, hoursPerDay, new Map([[job, days]]));
  const end = (slots: Iterable<Slot>) => Math.max(0, ...[...slots].map((s) => s.toDay));
  return {
    days: Math.max(0, Math.ceil(end(then)) - Math.ceil(end(now.values()))),
    later: then.flatMap((s) => {
      const by = s.fromDay - now.get(s.job)!.fromDay;
      return s.job !== job && by > 0.01 ? [{ job: s.job, days: by }] : [];
    }),
  };
}

const daysOf = (job: Job, hoursPerDay: number) => Math.max(0.25, job.hours[1] / hoursPerDay);

/** How long it takes from a job's begin to the end of all that comes after it, by what comes after alone. */
function tails(jobs: readonly Job[], hoursPerDay: number): ReadonlyMap<string, number> {
  const next = new Map<string, Job[]>();
  for (const j of jobs) for (const a of j.after) next.set(a, [...(next.get(a) ?? []), j]);
  const known = new Map<string, number>();
  const tail = (j: Job): number => {
    const held = known.get(j.key);
    if (held !== undefined) return held;
    const own = daysOf(j, hoursPerDay) + Math.max(0, ...(next.get(j.key) ?? []).map(tail));
    known.set(j.key, own);
    return own;
  };
  for (const j of jobs) tail(j);
  return known;
}

/**
 * When each job is done: what comes before it has ended, what it waits for is there (all is ordered on the first day), and
 * each trade does one job on a car at a time, those with the longest work behind them first (list scheduling, Pinedo,
 * Scheduling, 5th ed., §5.1). Jobs of the days on which the car is ready at last are critical. `late` delays a job's begin.
 */
export function calendarOf(
  jobs: readonly Job[],
  hoursPerDay: number,
  late: ReadonlyMap<string, number> = new Map(),
): readonly Slot[] {
  const behind = tails(jobs, hoursPerDay);
  const free = new Map<Trade, number>();
  const ended = new Map<string, number>();
  const slots: Omit<Slot, 'critical'>[] = [];
  let left = [...jobs];
  while (left.length > 0) {
    const open = left.filter((j) => j.after.every((a) => ended.has(a) || !jobs.some((x) => x.key === a)));
    const begin = (j: Job) =>
      Math.max(
        j.waitsDays + (late.get(j.key) ?? 0),
        free.get(j.trades[0]!) ?? 0,
        ...j.after.map((a) => ended.get(a) ?? 0),
      );
    const first = open.reduce((a, b) => {
      const [x, y] = [begin(a), begin(b)];
      return y < x || (y === x && behind.get(b.key)! > behind.get(a.key)!) ? b : a;
    });
    const fromDay = begin(first);
    const toDay = fromDay + daysOf(first, hoursPerDay);
    const trade = first.trades[0]!;
    free.set(trade, toDay);
    ended.set(first.key, toDay);
    slots.push({ job: first.key, trade, readyDay: first.waitsDays + (late.get(first.key) ?? 0), fromDay, toDay });
    left = left.filter((j) => j !== first);
  }
  return withCritical(slots, jobs);
}

/** Jobs that a later end of the car hangs on: the last ones, and whatever they waited for without a gap. */
function withCritical(slots: readonly Omit<Slot, 'critical'>[], jobs: readonly Job[]): Slot[] {
  const end = Math.max(0, ...slots.map((s) => s.toDay));
  const byKey = new Map(jobs.map((j) => [j.key, j]));
  const critical = new Set(slots.filter((s) => s.toDay >= end - 1e-9).map((s) => s.job));
  for (let grew = true; grew; ) {
    grew = false;
    for (const s of slots) {
      if (!critical.has(s.job)) continue;
      for (const before of slots) {
        const leads =
          byKey.get(s.job)!.after.includes(before.job) || (before.trade === s.trade && before.job !== s.job);
        if (leads && !critical.has(before.job) && Math.abs(before.toDay - s.fromDay) < 1e-9) {
          critical.add(before.job);
          grew = true;
        }
      }
    }
  }
  return slots
    .map((s) => ({ ...s, critical: critical.has(s.job) }))
    .sort((a, b) => a.fromDay - b.fromDay || (a.job < b.job ? -1 : 1));
}
