import { planOfCar } from '../body/plan';
import type { Tables } from '../grade/all-tables';
import { gradeCar } from '../grade/grade';
import type { Lens } from '../grade/tables';
import { type Judgement, judge } from '../judge/judge';
import type { AnyRecord } from '../kinds';
import type { Solve } from '../prepare/prepare';
import { recordsOf } from '../records/reduce';
import type { Estimate } from '../stats/estimate';
import type { Decision } from '../work/cost-table';
import { calendarOf, type Slot } from './calendar';
import { costOf, type Decided, drawInputOf, jobCost, ratesOf, type Wishes, type Work, workOf } from './cost';
import type { Drawn, Quantiles } from './draw';
import type { Job } from './jobs';
import { type LookValue, valueOfLooking } from './looks';
import { mended } from './mend';
import { type PartedOut, partOut } from './part-out';
import { type Preparable, type Preparation, preparables, prepareCar } from './prepare-car';
import { priceAt } from './price';
import { decidedOn, ROADS, type Road } from './roads';

/** A car's work as a screen asks for it. */
export interface WorkAsked {
  readonly records: readonly AnyRecord[];
  readonly tables: Tables;
  readonly onYear: number;
  readonly own: Wishes['own'];
  readonly lens: Lens;
}

/** A road with its money, its days, and what it ends as. */
export interface RoadTaken {
  readonly road: Road;
  readonly cost: Quantiles;
  readonly days: number;
  readonly jobs: number;
  readonly grade: Estimate;
  /** What such a car is expected to fetch then; null where nobody said what it fetches. */
  readonly price: number | null;
}
export interface WorkFound {
  readonly decided: readonly (Omit<Decided, 'options'> & { readonly key: string; readonly rule: Decision })[];
  readonly jobs: readonly (Job & { readonly cost: ReturnType<typeof jobCost>; readonly gain: number | null })[];
  readonly drawn: Drawn;
  readonly calendar: readonly Slot[];
  readonly gradeNow: Estimate;
  readonly roads: readonly RoadTaken[];
  /** The fourth road: taken apart and sold in parts. */
  readonly parted: PartedOut;
  /** What looking at places that nobody saw would do to the doubt. */
  readonly looks: readonly LookValue[];
  /** The jobs worth doing before the sale; null where price, budget or days are not said. */
  readonly prepared: Preparation | null;
}
/** Draws for a road's money: enough for its tenths. */
const ROAD_DRAWS = 2000;

const wholeUnder = (judgement: Judgement, lens: Lens, onYear: number, tables: Tables) =>
  gradeCar(judgement, onYear, tables).whole.find((w) => w.lens === lens)!.grade;

function decisionsOn(records: readonly AnyRecord[]): ReadonlyMap<string, Decision> {
  return new Map(recordsOf(records, 'remedy').map((r) => [r.body.of, r.body.remedy]));
}

interface Asked extends WorkAsked {
  readonly judgement: Judgement;
  readonly expected: number | null;
}

function roadOf(road: Road, asked: Asked, now: Work): RoadTaken {
  const { tables, onYear, lens, judgement, records, expected } = asked;
  const decisions = new Map(now.decided.map(({ options }) => [options.thing.key, decidedOn(road, options)]));
  const wishes: Wishes = { decisions, ...(asked.own && { own: asked.own }) };
  const work = workOf(judgement, tables.cost, wishes);
  const input = drawInputOf(judgement, work, { cost: tables.cost, onYear, wishes, graded: tables });
  // What nobody saw is put right only where all is.
  const drawn = costOf(road === 'restore' ? input : { ...input, unseen: [] }, { draws: ROAD_DRAWS, seed: 1 });
  const after = judge({ plan: judgement.plan, records: mended(records, work.decided, work.jobs), tables }, judgement);
  const grade = wholeUnder(after, lens, onYear, tables);
  const calendar = calendarOf(work.jobs, tables.cost.hoursPerDay);
  return {
    road,
    cost: drawn.whole,
    days: Math.ceil(Math.max(0, ...calendar.map((s) => s.toDay))),
    jobs: work.jobs.length,
    grade,
    price: expected === null ? null : priceAt(grade.value!, expected, tables.cost),
  };
}

/** By how much each job raises the expected price, done alone with what it needs. */
function gainsOf(work: Work, asked: Asked, gradeNow: number): ReadonlyMap<string, number> {
  const { tables, onYear, lens, judgement, records, expected } = asked;
  const now = priceAt(gradeNow, expected!, tables.cost);
  return new Map(
    work.jobs.map((j) => {
      if (j.serves.length === 0) return [j.key, 0];
      const after = judge({ plan: judgement.plan, records: mended(records, work.decided, [j]), tables }, judgement);
      // What is put right lowers no price: less than nothing is the grade's own drawing.
      const then = priceAt(wholeUnder(after, lens, onYear, tables).value!, expected!, tables.cost);
      return [j.key, Math.max(0, then - now)];
    }),
  );
}

/** What a car is expected to fetch, and its jobs as they can be weighed against those of other cars. */
export interface Weighed {
  readonly expected: number;
  readonly jobs: readonly Preparable[];
}

/** A car's jobs for a choice among many cars; null for one without a plan, or whose price nobody said. */
export function weighWork(asked: Omit<WorkAsked, 'own'>): Weighed | null {
  const { records, tables, onYear, lens } = asked;
  const plan = planOfCar(recordsOf(records, 'car')[0]?.body);
  const expected = recordsOf(records, 'worth').at(-1)?.body.expected ?? null;
  if (!plan || expected === null) return null;
  const judgement = judge({ plan, records, tables });
  const work = workOf(judgement, tables.cost, { decisions: decisionsOn(records) });
  const gradeNow = wholeUnder(judgement, lens, onYear, tables);
  const gains = gainsOf(work, { ...asked, own: [], judgement, expected }, gradeNow.value!);
  return { expected, jobs: preparables({ work, gains, judgement, cost: tables.cost }) };
}

/**
 * All that is told of the work on a car: what is decided, the jobs with their money and what each adds to the expected price,
 * the whole with its doubt, when it is done, four roads, and what is worth doing before the sale. Null for a car without a
 * plan. Nothing of it is a promise.
 */
export function reckonWork(asked: WorkAsked, solve: Solve): WorkFound | null {
  const { records, tables, onYear, own, lens } = asked;
  const plan = planOfCar(recordsOf(records, 'car')[0]?.body);
  if (!plan) return null;
  const judgement = judge({ plan, records, tables });
  const worth = recordsOf(records, 'worth').at(-1)?.body ?? null;
  const wishes: Wishes = { decisions: decisionsOn(records), ...(own && { own }) };
  const work = workOf(judgement, tables.cost, wishes);
  const all: Asked = { ...asked, judgement, expected: worth?.expected ?? null };
  const gradeNow = wholeUnder(judgement, lens, onYear, tables);
  const gains = all.expected === null ? null : gainsOf(work, all, gradeNow.value!);
  const rates = ratesOf(judgement, wishes);
  const input = drawInputOf(judgement, work, { cost: tables.cost, onYear, wishes, graded: tables });
  return {
    decided: work.decided.map(({ options, decision, byHand }) => ({
      key: options.thing.key,
      decision,
      byHand,
      rule: options.rule,
    })),
    jobs: work.jobs.map((j) => ({ ...j, cost: jobCost(j, rates), gain: gains?.get(j.key) ?? null })),
    drawn: costOf(input),
    calendar: calendarOf(work.jobs, tables.cost.hoursPerDay),
    gradeNow,
    roads: ROADS.map((r) => roadOf(r, all, work)),
    parted: partOut(judgement, tables.cost, rates),
    looks: valueOfLooking(input, plan),
    prepared:
      gains && worth && worth.budget !== null && worth.days !== null
        ? prepareCar(
            { work, gains, judgement, cost: tables.cost, ...(own && { own }) },
            { budget: worth.budget, days: worth.days },
            solve,
          )
        : null,
  };
}
