import { TRADES, type Trade } from '@/core/catalogue/remedies';
import { costOf, drawInputOf, jobCost, ratesOf, type Wishes, workOf } from '@/core/cost/cost';
import { csvRows, numberOrNull } from '@/core/csv/rows';
import { DEFAULT_TABLES } from '@/core/grade/all-tables';
import { judge } from '@/core/judge/judge';
import { costTable } from '@/core/work/cost-table';
import { bundleAt, onYear, planFor } from '../bundles';
import { readText } from '../files';
import { Refusal, Usage } from '../refusals';
import { defineVerb, type FlagsOf, TEXT } from '../verb';
import { wholeFlag } from '../whole';

const OPTIONS = { rates: TEXT, draws: TEXT, seed: TEXT, own: TEXT, 'on-year': TEXT } as const;
const MOST_DRAWS = 1_000_000;
const money = (n: number) => Math.round(n * 100) / 100;
const rounded = (of: object) => Object.fromEntries(Object.entries(of).map(([k, v]) => [k, money(v as number)]));

const isTrade = (t: string): t is Trade => (TRADES as readonly string[]).includes(t);

/** Rates of a file: `trade,rate` as CSV, or an object of them as JSON. */
function ratesAt(path: string): Readonly<Partial<Record<Trade, number>>> {
  const text = readText(path);
  const wrong = (message: string): never => {
    throw new Refusal('bad-rates', { message });
  };
  const asked = (trade: string, rate: unknown): readonly [Trade, number] => {
    if (!isTrade(trade)) return wrong(`“${trade}” is no trade; known are ${TRADES.join(', ')}`);
    if (typeof rate !== 'number' || !Number.isFinite(rate) || rate < 0)
      return wrong(`the rate of ${trade} is no number from 0 on`);
    return [trade, rate];
  };
  if (/^\s*\{/.test(text)) {
    let read: unknown;
    try {
      read = JSON.parse(text);
    } catch {
      return wrong('the file is not JSON');
    }
    const own = (read as { rates?: unknown }).rates ?? read;
    return Object.fromEntries(Object.entries(own as object).map(([t, r]) => asked(t, r)));
  }
  const { taken, bad } = csvRows(
    text,
    ['trade', 'rate'],
    ['trade', 'rate'],
    (row) => [row.trade ?? '', numberOrNull(row.rate ?? '')] as const,
  );
  if (bad.length > 0) throw new Refusal('bad-rows', { rows: bad });
  return Object.fromEntries(taken.map(([t, r]) => asked(t, r)));
}

/** `cost BUNDLE`: what putting a car right takes. */
function reckon(path: string, flags: FlagsOf<typeof OPTIONS>): object {
  const { records } = bundleAt(path);
  const plan = planFor(records);
  if (!plan) throw new Refusal('no-car');
  const own = (flags.own ?? '')
    .split(',')
    .map((s) => s.trim())
    .filter(Boolean);
  const odd = own.find((t) => !isTrade(t));
  if (odd !== undefined) throw new Usage(`--own names trades: ${TRADES.join(', ')}`);
  const wishes: Wishes = { own: own as Trade[], rates: flags.rates === undefined ? {} : ratesAt(flags.rates) };
  const draws = wholeFlag(flags.draws, 'draws', { otherwise: 10_000, low: 100, high: MOST_DRAWS });
  const seed = wholeFlag(flags.seed, 'seed', { otherwise: 1, low: 0, high: 2 ** 31 });
  const judgement = judge({ plan, records, tables: DEFAULT_TABLES });
  const cost = costTable.defaults;
  const work = workOf(judgement, cost, wishes);
  const input = drawInputOf(judgement, work, {
    cost,
    onYear: onYear(flags['on-year']),
    wishes,
    graded: DEFAULT_TABLES,
  });
  const drawn = costOf(input, { draws, seed });
  const rates = ratesOf(judgement, wishes);
  console.error('A house’s estimate in its own currency, by its own tables. It is no offer.');
  const things = new Map(work.decided.map((d) => [d.options.thing.key, d]));
  return {
    ok: true,
    whole: rounded(drawn.whole),
    known: rounded(drawn.known),
    unseen: rounded(drawn.unseen),
    trades: drawn.trades.map(({ trade, hours, p10, p50, p90 }) => ({
      trade,
      hours: money(hours),
      ...rounded({ p10, p50, p90 }),
    })),
    jobs: work.jobs.map((j) => ({
      job: j.key,
      finding: j.serves.find((s) => things.get(s)?.options.thing.sort === 'finding') ?? j.serves[0] ?? null,
      serves: j.serves,
      zone: j.zone,
      remedy: j.work,
      hours: money(j.hours[1]),
      cost: rounded(jobCost(j, rates)),
      waitsDays: j.waitsDays,
      after: j.after,
    })),
    left: work.decided
      .filter((d) => d.decision === 'leave')
      .map(({ options: { thing, options } }) => ({
        finding: thing.key,
        zone: thing.zone.slug,
        of: thing.of,
        against: options.filter((o) => o.against.length > 0).map((o) => ({ remedy: o.remedy, because: o.against })),
      })),
    movers: drawn.movers.map((m) => ({ ...m, low: money(m.low), high: money(m.high) })),
  };
}

export const verb = defineVerb({
  usage: 'BUNDLE [--rates FILE] [--draws 10000] [--seed 1] [--own TRADE,TRADE] [--on-year YYYY]',
  does: 'Reckons what putting a car right takes: remedies by rule, work that is shared, money at 10, 50 and 90 %.',
  gives: 'the whole, by trade, the jobs with what they serve, what is left as it is and why, what makes the doubt',
  takes: 'file',
  options: OPTIONS,
  run: reckon,
});
