import type { Aspect } from '../body/zone';
import { TRADES, type Trade } from '../catalogue/remedies';
import type { GradedBy } from '../grade/graded-by';
import { piecesOf } from '../grade/pieces';
import { kindOf, marginAt } from '../grade/yardstick';
import { type Judgement, originalOf } from '../judge/judge';
import { recordsOf } from '../records/reduce';
import type { CostTable, Decision, Having } from '../work/cost-table';
import { bearing } from '../work/effort';
import { type DrawInput, type Drawn, drawCost, type Surprise, type UnseenPlace } from './draw';
import { type Job, jobsOf } from './jobs';
import { type Around, type Options, optionsOf } from './options';
import { thingsOf } from './things';

/** What is decided otherwise than by rule, who does what, and what an hour costs. */
export interface Wishes {
  readonly decisions?: ReadonlyMap<string, Decision>;
  /** Trades that the buyer does himself: their hours cost nothing. */
  readonly own?: readonly Trade[];
  readonly rates?: Readonly<Partial<Record<Trade, number>>>;
  readonly having?: (job: string) => Having;
}
/** A thing with its remedies, what is decided, and whether by hand. */
export interface Decided {
  readonly options: Options;
  readonly decision: Decision;
  readonly byHand: boolean;
}
export interface Work {
  readonly decided: readonly Decided[];
  readonly jobs: readonly Job[];
}

const PAST_KEEPING = 0.5;
const OPEN_PAINT: ReadonlySet<string> = new Set(['cracking', 'peeling', 'blister', 'rust-blister', 'perforated']);
const FADED = 'fading';

/** What remedies depend on, of a judged car. */
function aroundOf(judgement: Judgement, cost: CostTable): Around {
  const paintLost = new Map<string, number>();
  for (const l of judgement.findings.losses)
    if (l.aspect === 'paint') paintLost.set(l.zone, (paintLost.get(l.zone) ?? 0) + l.share);
  return {
    original: originalOf(judgement),
    filmUm: new Map(
      judgement.paint.zones.flatMap((z) => (z.medianUm.value === null ? [] : [[z.zone, z.medianUm.value] as const])),
    ),
    spent: new Set([...paintLost].filter(([, s]) => s >= PAST_KEEPING).map(([zone]) => zone)),
    open: new Set(judgement.findings.all.filter((f) => OPEN_PAINT.has(f.body.flaw)).map((f) => f.body.zone)),
    work: judgement.tables.work,
    cost,
  };
}

/**
 * What there is to do on a judged car: each thing with its remedies and what is decided, by hand where somebody decided and by
 * rule else, and the jobs that follow. A decision of a thing that is gone, or that it does not have, counts for nothing.
 */
export function workOf(judgement: Judgement, cost: CostTable, wishes: Wishes = {}): Work {
  const around = aroundOf(judgement, cost);
  const decided = thingsOf(judgement).map((thing): Decided => {
    const options = optionsOf(thing, around);
    const wished = wishes.decisions?.get(thing.key);
    const byHand = wished !== undefined && options.options.some((o) => o.remedy === wished);
    return { options, decision: byHand ? wished : options.rule, byHand };
  });
  const metallic = judgement.car?.paintType === 'metallic';
  const faded = new Set(
    recordsOf(judgement.records, 'finding')
      .filter((f) => f.body.flaw === FADED && (f.body.share ?? 1) >= cost.fadedFrom)
      .map((f) => f.body.zone),
  );
  const jobs = jobsOf(decided, {
    plan: judgement.plan,
    work: judgement.tables.work,
    cost,
    blends: (zone) => metallic || faded.has(zone),
    ...(wishes.having && { having: wishes.having }),
  });
  return { decided, jobs };
}

/** What may lie under filler that is taken off: rust, with the chance that the panel is filled. */
function surprisesOf(judgement: Judgement, jobs: readonly Job[], cost: CostTable): Surprise[] {
  const { work } = judgement.tables;
  const filled = new Map(
    judgement.paint.zones.flatMap((z) => (z.state ? [[z.zone, z.state.rebuilt?.filled ?? 0] as const] : [])),
  );
  return jobs.flatMap((j): Surprise[] => {
    if (j.work !== 'strip-refinish' || j.zone === null) return [];
    const metal = judgement.plan.zones.get(j.zone)?.metal;
    if (cost.overRust.steelOnly && metal !== 'steel') return [];
    const told = judgement.findings.all.some((f) => f.body.zone === j.zone && f.body.flaw === 'filler-visible');
    const chance = cost.overRust.chance * (told ? 1 : (filled.get(j.zone) ?? 0));
    if (chance <= 0) return [];
    const { trades, hours, parts } = work.remedies['patch-outer']!;
    return [{ key: `rust-under@${j.zone}`, chance, trades, hours, parts }];
  });
}

const NO_MONEY: ReadonlySet<string> = new Set<Aspect>(['identity']);

/** Places of which nothing was seen, with what they are likely to take on cars of that age. */
function unseenOf(judgement: Judgement, onYear: number, { yardstick }: Pick<GradedBy, 'yardstick'>): UnseenPlace[] {
  const { car, plan, tables } = judgement;
  const age = car?.year ? Math.max(0, onYear - car.year) : 0;
  return piecesOf(judgement).flatMap((p): UnseenPlace[] => {
    const zone = plan.zones.get(p.zone);
    if (p.state !== 'unseen' || p.extra || p.whole === 0 || !zone || NO_MONEY.has(p.of)) return [];
    const [chance, meanLog, sdLog] = marginAt(kindOf(p.kind, p.axis, yardstick), age, yardstick.ages);
    return [
      { zone: p.zone, of: p.of, whole: p.whole / bearing(zone, p.of as Aspect, tables.work), chance, meanLog, sdLog },
    ];
  });
}

/** What an hour of each trade costs: the house's rates, the wished ones, nothing for what the buyer does himself. */
export function ratesOf(judgement: Judgement, { rates = {}, own = [] }: Wishes): Record<Trade, number> {
  return Object.fromEntries(
    TRADES.map((t) => [t, own.includes(t) ? 0 : (rates[t] ?? judgement.tables.work.rates[t] ?? 0)]),
  ) as Record<Trade, number>;
}

/** All that is drawn from, so that a worker can draw it. */
export function drawInputOf(
  judgement: Judgement,
  work: Work,
  {
    cost,
    onYear,
    wishes = {},
    graded,
  }: { cost: CostTable; onYear: number; wishes?: Wishes; graded: Pick<GradedBy, 'yardstick'> },
): DrawInput {
  return {
    jobs: work.jobs,
    surprises: surprisesOf(judgement, work.jobs, cost),
    unseen: unseenOf(judgement, onYear, graded).map((u) => ({ ...u, whole: u.whole * cost.unseen.wholeJobs })),
    unseenSd: cost.unseen.carSd,
    rates: ratesOf(judgement, wishes),
    tradeSd: cost.tradeSd,
    unsure: new Set(cost.unsure.remedies),
    unsureTimes: cost.unsure.times,
  };
}

export const DRAWS = 10_000;

/** What putting a car right costs, with its doubt. */
export const costOf = (input: DrawInput, { draws = DRAWS, seed = 1 }: { draws?: number; seed?: number } = {}): Drawn =>
  drawCost(input, { draws, seed });

/** Low, likely and high money of a job by the table, at some rates. */
export function jobCost(
  job: Job,
  rates: Readonly<Record<Trade, number>>,
): { low: number; likely: number; high: number } {
  const rate = job.trades.reduce((s, t) => s + rates[t], 0) / job.trades.length;
  const [low, likely, high] = [0, 1, 2].map((i) => job.hours[i]! * rate + job.parts[i]!);
  return { low: low!, likely: likely!, high: high! };
}
