import { HUNG, type Hung } from '@/core/body/hanging';
import { readStationsCsv } from '@/core/csv/stations';
import { fitPanel, type StationResidual } from '@/core/fit/panel-fit';
import { readText } from '../files';
import { millimetres } from '../millimetres';
import { Refusal, Usage } from '../refusals';
import { defineVerb, type FlagsOf, SWITCH, TEXT } from '../verb';

const OPTIONS = { panel: TEXT, 'good-mm': TEXT, 'flush-mm': TEXT, 'skip-bad': SWITCH } as const;

const place = ({ side, xMm, yMm, residualMm, what }: StationResidual) => ({ side, xMm, yMm, residualMm, what });

/** `door STATIONS.csv`: where the door hangs, what that explains, and how its hinges undo it. */
function hang(path: string, flags: FlagsOf<typeof OPTIONS>): object {
  const hung = (flags.panel ?? 'door') as Hung;
  if (!HUNG.includes(hung)) throw new Usage(`--panel is one of ${HUNG.join(', ')}`);
  const goodMm = millimetres(flags['good-mm'], 'good-mm');
  const flushMm = millimetres(flags['flush-mm'], 'flush-mm');
  const { stations, bad } = readStationsCsv(readText(path));
  if (bad.length > 0 && !flags['skip-bad']) throw new Refusal('bad-rows', { rows: bad });
  for (const b of bad) console.error(`line ${b.line} left out: ${b.message}`);
  const fit = fitPanel(stations, { hung, ...(goodMm && { goodMm }), ...(flushMm && { flushMm }) });
  if (!fit.ok) throw new Refusal(fit.reason);
  return {
    ok: true,
    inPlane: fit.inPlane,
    outOfPlane: fit.outOfPlane,
    explained: fit.explained,
    residualMm: fit.residualMm,
    worst: fit.worst && place(fit.worst),
    verdict: fit.verdict,
    hinges: Object.fromEntries(
      Object.entries(fit.hinges).map(([name, { dxMm, dyMm, dzMm }]) => [name, { dxMm, dyMm, dzMm }]),
    ),
    slips: fit.slips.map(place),
    untold: fit.untold,
  };
}

export const verb = defineVerb({
  usage: `STATIONS.csv [--panel ${HUNG.join('|')}] [--good-mm 1] [--flush-mm 1] [--skip-bad]`,
  does: 'Says where a panel that opens hangs, whether adjusting brings it right, and how.',
  gives: 'where it hangs, verdict, hinges',
  takes: 'file',
  options: OPTIONS,
  run: hang,
});
