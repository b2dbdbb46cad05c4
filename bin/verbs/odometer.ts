import { readOdometerCsv } from '@/core/csv/odometer';
import { daySchema } from '@/core/kinds/common';
import { odometerHistories } from '@/core/odometer/histories';
import { odometerTable } from '@/core/odometer/odometer-table';
import { groupedFigureOf } from '@/core/units/figure';
import { odometerWhy } from '@/words/odometer';
import { readText } from '../files';
import { Refusal, Usage } from '../refusals';
import { defineVerb, type FlagsOf, SWITCH, TEXT } from '../verb';

const OPTIONS = { digits: TEXT, unit: TEXT, claim: TEXT, built: TEXT, 'skip-bad': SWITCH } as const;
const rounded = (v: number) => Math.round(v * 10) / 10;

/** `odometer READINGS.csv`: every history that the readings allow, and whether they carry a distance. */
function test(path: string, flags: FlagsOf<typeof OPTIONS>): object {
  const digits = Number(flags.digits ?? '5');
  if (!Number.isInteger(digits) || digits < 3 || digits > 7) throw new Usage('--digits is from 3 to 7');
  const unit = flags.unit ?? 'mi';
  if (unit !== 'km' && unit !== 'mi') throw new Usage('--unit is km or mi');
  const claim = groupedFigureOf(flags.claim ?? '');
  if (claim === 'bad' || (claim !== null && claim < 0)) throw new Usage('--claim is a distance in that unit');
  const built = flags.built === undefined ? null : daySchema.safeParse(flags.built);
  if (built && !built.success) throw new Usage('--built is a day such as 1967-04-01');
  const { readings, bad } = readOdometerCsv(readText(path), digits);
  if (bad.length > 0 && !flags['skip-bad']) throw new Refusal('bad-rows', { rows: bad });
  for (const b of bad) console.error(`line ${b.line} left out: ${b.message}`);
  const answer = odometerHistories(
    readings,
    { digits, unit, claim, built: built?.data ?? null },
    odometerTable.defaults,
  );
  return {
    ok: true,
    status: answer.status,
    histories: answer.histories.map((h) => ({
      readings: h.readings.map(({ on, value, total, perYear }) => ({
        on,
        value,
        total,
        perYear: perYear === null ? null : rounded(perYear),
      })),
      total: h.total,
      rounds: h.rounds,
      atLeast: h.atLeast,
    })),
    more: answer.more,
    why: answer.why.map((w) => odometerWhy(w, unit)).join('; '),
  };
}

export const verb = defineVerb({
  usage: 'READINGS.csv [--digits 5] [--unit mi|km] [--claim N] [--built YYYY-MM-DD] [--skip-bad]',
  does: 'Tests a distance against readings of the odometer: every consistent history, and what would settle it.',
  gives: 'supported, not supported or contradicted; the histories with their totals; why',
  takes: 'file',
  options: OPTIONS,
  run: test,
});
