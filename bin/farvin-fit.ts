import { readStationsCsv } from '../src/core/csv/stations';
import { fitPanel, HUNG, type Hung, type StationResidual } from '../src/core/fit/panel-fit';
import { readText } from './files';
import { Refusal, Usage } from './refusals';

export interface FitFlags {
  readonly panel?: string;
  readonly 'good-mm'?: string;
  readonly 'flush-mm'?: string;
  readonly 'skip-bad'?: boolean;
}

function millimetres(text: string | undefined, name: string): number | undefined {
  if (text === undefined) return undefined;
  const mm = Number(text);
  if (!(mm > 0)) throw new Usage(`--${name} is a number of mm above 0`);
  return mm;
}

const place = ({ side, xMm, yMm, residualMm, what }: StationResidual) => ({ side, xMm, yMm, residualMm, what });

/** `door STATIONS.csv`: where the door hangs, what that explains, and how its hinges undo it. */
export function doorVerb(path: string, flags: FitFlags): object {
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
