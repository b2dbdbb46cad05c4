import { daysBetween, readRouteCsv } from '@/core/days/read-csv';
import { routeOf } from '@/core/days/route';
import { minuteOf, timeOf } from '@/core/time/minutes';
import { readText } from '../files';
import { Refusal, Usage } from '../refusals';
import { defineVerb, type FlagsOf, TEXT } from '../verb';

const OPTIONS = { inspectors: TEXT, days: TEXT, hours: TEXT, seed: TEXT } as const;
const MOST_DAYS = 366;
/** A search is ended after so long, with what was found. */
const LONGEST_MS = 20_000;

/** `route LOTS.csv`: who visits which lot when. */
function plan(path: string, flags: FlagsOf<typeof OPTIONS>): object {
  const inspectors = (flags.inspectors ?? '').split(',').map((s) => s.trim());
  if (inspectors.some((s) => s === '') || new Set(inspectors).size !== inspectors.length)
    throw new Usage('--inspectors names them, each once: ilse,tomas');
  const [first = '', last = first] = (flags.days ?? '').split('..');
  const days = daysBetween(first, last);
  if (!days || days.length > MOST_DAYS) throw new Usage('--days says from when to when: 2027-03-08..2027-03-12');
  const [from, to] = (flags.hours ?? '').split('-').map(minuteOf);
  if (from === null || to === null || from === undefined || to === undefined || to <= from)
    throw new Usage('--hours says from when to when: 08:30-16:00');
  const seed = Number(flags.seed ?? 1);
  if (!Number.isInteger(seed) || seed < 0) throw new Usage('--seed is a whole number from 0 on');
  const { lots, bad } = readRouteCsv(readText(path), days);
  if (bad.length > 0) throw new Refusal('bad-rows', { rows: bad });
  const begun = performance.now();
  const { visits, late, bound, gap } = routeOf(
    { lots, inspectors, days: days.length, from, to },
    { seed, stop: () => performance.now() - begun > LONGEST_MS },
  );
  console.error(
    late.length === 0
      ? `All ${lots.length} lots are visited in time.`
      : `${late.length} of ${lots.length} lots are late or have no visit; ${bound} would be whatever is done.`,
  );
  return {
    ok: true,
    visits: visits.map((v) => ({
      lot: v.lot,
      inspector: v.inspector,
      on: days[v.day],
      from: timeOf(v.from),
      to: timeOf(v.to),
      pitFrom: v.pitTo > v.pitFrom ? timeOf(v.pitFrom) : null,
      pitTo: v.pitTo > v.pitFrom ? timeOf(v.pitTo) : null,
    })),
    late,
    gap,
  };
}

export const verb = defineVerb({
  usage: 'LOTS.csv --inspectors a,b --days 2027-03-08..2027-03-12 --hours 08:30-16:00 [--seed 1]',
  does: 'Plans visits over inspectors and days: as few lots late as can be, one car on the pit at a time.',
  gives: 'visits with day and hours, lots that are late or without a visit, and how far fewer might be late',
  takes: 'file',
  options: OPTIONS,
  run: plan,
});
