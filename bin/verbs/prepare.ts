import { prepareWithNext } from '@/core/prepare/prepare';
import { readJobsCsv, readShopsCsv } from '@/core/prepare/read-csv';
import { readText } from '../files';
import { Refusal, Usage } from '../refusals';
import { solver } from '../solver';
import { defineVerb, type FlagsOf, TEXT } from '../verb';

const OPTIONS = { budget: TEXT, days: TEXT, shops: TEXT, more: TEXT } as const;
const MORE = 100;

function figure(given: string | undefined, name: string, otherwise?: number): number {
  const n = given === undefined && otherwise !== undefined ? otherwise : Number(given);
  if (given?.trim() === '' || !Number.isFinite(n) || n < 0 || (given === undefined && otherwise === undefined))
    throw new Usage(`--${name} is a number from 0 on`);
  return n;
}
const rounded = (money: number) => Math.round(money * 100) / 100;

/** `prepare JOBS.csv`: the jobs worth doing before a sale. */
async function choose(path: string, flags: FlagsOf<typeof OPTIONS>): Promise<object> {
  const budget = figure(flags.budget, 'budget');
  const days = figure(flags.days, 'days');
  const more = figure(flags.more, 'more', MORE);
  const { jobs, bad } = readJobsCsv(readText(path));
  const shops = flags.shops === undefined ? { shops: [], bad: [] } : readShopsCsv(readText(flags.shops));
  if (bad.length > 0) throw new Refusal('bad-rows', { rows: bad });
  if (shops.bad.length > 0) throw new Refusal('bad-shops', { rows: shops.bad });
  const found = prepareWithNext({ jobs, shops: shops.shops, budget, days }, await solver(), more);
  if ('ok' in found) throw new Refusal(found.reason, { of: found.of });
  const { best, next, moreBudget } = found;
  console.error(
    `${best.chosen.length} of ${jobs.length} jobs, ${best.proved ? 'none better' : 'best found in time'}; expected gains, no promise.`,
  );
  const told = ({
    chosen,
    cost,
    gain,
    net,
  }: {
    chosen: readonly string[];
    cost: number;
    gain: number;
    net: number;
  }) => ({
    chosen,
    cost: rounded(cost),
    gain: rounded(gain),
    net: rounded(net),
  });
  return {
    ok: true,
    ...told(best),
    proved: best.proved,
    next: next && told(next),
    moreBudget: moreBudget && { by: moreBudget.by, net: rounded(moreBudget.net) },
  };
}

export const verb = defineVerb({
  usage: 'JOBS.csv --budget N --days N --shops SHOPS.csv [--more 100]',
  does: 'Chooses the jobs worth doing before a sale: the largest gain less cost within budget, days and shops’ hours.',
  gives: 'the best set and whether none is better, the next best, and what more budget would net',
  takes: 'file',
  options: OPTIONS,
  run: choose,
});
