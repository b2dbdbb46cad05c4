import type { Plan } from '../body/plan';
import { partOf, type Zone } from '../body/zone';
import type { RemedyRow, Trade } from '../catalogue/remedies';
import { jobKey } from '../kinds/job';
import type { Triple } from '../stats/triangular';
import type { CostTable, Decision, Having, SharedId, WorkId } from '../work/cost-table';
import { PAINTS_PANEL } from '../work/paints';
import type { WorkTable } from '../work/work-table';
import { COMES_OFF, CONTAINS, IN_RESPRAY, ONCE_A_PLACE, STAGE } from './job-rules';
import type { Options } from './options';

/** A piece of work at a place, with all that it serves. */
export interface Job {
  /** The work and its place: `refinish@hood`. */
  readonly key: string;
  readonly work: WorkId;
  /** Null: the whole outside. */
  readonly zone: string | null;
  readonly times: number;
  /** Keys of the things that it puts right; none of work that only follows from other work. */
  readonly serves: readonly string[];
  /** Names of all that is right once it is done: what it serves, and what else is put right with that. */
  readonly rights: readonly string[];
  readonly trades: readonly Trade[];
  readonly hours: Triple;
  /** Materials and parts, money. */
  readonly parts: Triple;
  readonly waitsDays: number;
  /** Keys of jobs that come before it. */
  readonly after: readonly string[];
}

export interface JobContext {
  readonly plan: Plan;
  readonly work: WorkTable;
  readonly cost: CostTable;
  /** The colour cannot be matched on one panel alone. */
  readonly blends: (zone: string) => boolean;
  /** How a job's parts are to be had. */
  readonly having?: (job: string) => Having;
}

interface Wanted {
  readonly work: WorkId;
  readonly zone: Zone | null;
  times: number;
  serves: string[];
}
type Wants = Map<string, Wanted>;
const keyOf = (work: WorkId, zone: string | null) => jobKey({ work, zone });

function want(wants: Wants, work: WorkId, zone: Zone | null, times: number, serves: readonly string[]): void {
  const key = keyOf(work, zone?.slug ?? null);
  const held = wants.get(key);
  if (!held) wants.set(key, { work, zone, times, serves: [...serves] });
  else {
    held.times = ONCE_A_PLACE.has(work) ? Math.max(held.times, times) : held.times + times;
    held.serves = [...new Set([...held.serves, ...serves])];
  }
}

/** Work that other work at the same place does away with: it goes, and what it served is served by that. */
function absorb(wants: Wants): void {
  for (const [key, small] of [...wants]) {
    const big = [...wants.values()].find(
      (w) => w !== small && w.zone === small.zone && (CONTAINS[w.work]?.includes(small.work) ?? false),
    );
    if (!big) continue;
    wants.delete(key);
    big.serves = [...new Set([...big.serves, ...small.serves])];
  }
}

const rowOf = (work: WorkId, { work: w, cost }: JobContext): RemedyRow =>
  work in cost.shared ? cost.shared[work as SharedId]! : w.remedies[work as keyof typeof w.remedies]!;

/** Likely money of a piece of work. */
function likely({ work, times }: Pick<Wanted, 'work' | 'times'>, context: JobContext): number {
  const { trades, hours, parts } = rowOf(work, context);
  const rate = trades.reduce((s, t) => s + context.work.rates[t]!, 0) / trades.length;
  return times * (hours[1] * rate + parts[1]);
}

/** One respray in place of the painting of many panels, where that is less. */
function respray(wants: Wants, context: JobContext): void {
  const own = [...wants.entries()].filter(([, w]) => IN_RESPRAY.has(w.work) && w.zone?.view === 'outside');
  const sum = own.reduce((s, [, w]) => s + likely(w, context), 0);
  if (sum <= likely({ work: 'respray', times: 1 }, context)) return;
  for (const [key] of own) wants.delete(key);
  want(
    wants,
    'respray',
    null,
    1,
    own.flatMap(([, w]) => w.serves),
  );
}

const neighbours = (plan: Plan, zone: string): readonly Zone[] =>
  [...plan.seams.values()].flatMap((s) =>
    s.zones.includes(zone) ? [plan.zones.get(s.zones[0] === zone ? s.zones[1] : s.zones[0])!] : [],
  );

/** Neighbours of painted panels whose colour would not match are blended, each once; none that is painted itself. */
function blend(wants: Wants, context: JobContext): void {
  const painted = [...wants.values()].filter((w) => PAINTS_PANEL.has(w.work) && w.zone?.view === 'outside');
  for (const { zone } of painted) {
    if (!zone || !context.blends(zone.slug)) continue;
    for (const n of neighbours(context.plan, zone.slug))
      if (n.view === 'outside' && n.aspects.includes('paint')) want(wants, 'blend', n, 1, []);
  }
}

/** What must come off for other work, each once; not where it is off for its own work anyway. */
function takeOff(wants: Wants, { plan }: JobContext): void {
  for (const { work, zone } of [...wants.values()]) {
    if (!zone) continue;
    for (const rule of COMES_OFF) {
      if (!rule.works.includes(work) || !rule.parts.includes(partOf(zone.slug))) continue;
      const tail = zone.slug.split('.').slice(1).join('.');
      for (const part of rule.off) {
        const off = plan.zones.get(tail ? `${part}.${tail}` : part) ?? plan.zones.get(`${part}.front`);
        if (off && !wants.has(keyOf('re-plate', off.slug))) want(wants, 'off-and-on', off, 1, []);
      }
    }
  }
}

/** Panels painted together share what is set up for them, from some number on. */
function togetherShare(wants: Wants, { together }: CostTable): number {
  const n = [...wants.values()].filter((w) => PAINTS_PANEL.has(w.work)).length;
  const full = Math.min(n, together.from - 1);
  return n === 0 ? 1 : (full + together.share * (n - full)) / n;
}

const times3 = (t: Triple, by: number): Triple => [t[0] * by, t[1] * by, t[2] * by];

function afterOf(key: string, own: Wanted, wants: Wants, plan: Plan): string[] {
  const stage = STAGE[own.work];
  if (stage === undefined) return [];
  return [...wants].flatMap(([k, w]) => {
    const other = STAGE[w.work];
    if (k === key || other === undefined || other >= stage) return [];
    const near =
      w.zone === own.zone ||
      own.zone === null ||
      // Metal of a neighbour before paint beside it; what comes off before all that is done behind it.
      (w.zone !== null && other <= 1 && stage === 2 && neighbours(plan, own.zone.slug).includes(w.zone));
    return near ? [k] : [];
  });
}

/**
 * The jobs that follow from what was decided of things: one for a piece of work at a place, however many things it serves;
 * what other work does away with is not paid beside it; painted panels' neighbours are blended where the colour does not
 * match, what must come off comes off once, and panels painted together share their setting-up. Ordered by what comes after
 * what; without a circle.
 */
export function jobsOf(
  decided: readonly { readonly options: Options; readonly decision: Decision }[],
  context: JobContext,
): readonly Job[] {
  const wants: Wants = new Map();
  for (const { options, decision } of decided) {
    if (decision === 'leave') continue;
    const { thing } = options;
    const times = options.options.find((o) => o.remedy === decision)?.times ?? 1;
    want(
      wants,
      decision,
      thing.zone,
      ONCE_A_PLACE.has(decision) && thing.finding ? Math.max(times, leastOf(decision)) : times,
      [thing.key],
    );
  }
  absorb(wants);
  respray(wants, context);
  blend(wants, context);
  absorb(wants);
  takeOff(wants, context);
  const together = togetherShare(wants, context.cost);
  const also = new Map(decided.map(({ options: { thing } }) => [thing.key, thing.also ?? []]));
  return [...wants].map(([key, w]): Job => {
    const row = rowOf(w.work, context);
    const having = context.cost.having[context.having?.(key) ?? 'available'];
    return {
      key,
      work: w.work,
      zone: w.zone?.slug ?? null,
      times: w.times,
      serves: w.serves,
      rights: [...new Set(w.serves.flatMap((key) => [key, ...(also.get(key) ?? [])]))],
      trades: row.trades,
      hours: times3(row.hours, w.times * (PAINTS_PANEL.has(w.work) ? together : 1)),
      parts: times3(row.parts, w.times * having.times),
      waitsDays: context.cost.waitsDays[w.work] + having.waitsDays,
      after: afterOf(key, w, wants, context.plan),
    };
  });
}

/** Nobody paints a third of a panel: work that is done whole is paid whole, plating by the piece's own share. */
const BY_SHARE: ReadonlySet<WorkId> = new Set<WorkId>([
  're-plate',
  'pane',
  'window',
  'brake-axle',
  'gasket-above',
  'gasket-below',
]);
const leastOf = (work: WorkId): number => (BY_SHARE.has(work) ? 0 : 1);
