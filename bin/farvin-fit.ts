import { HUNG, type Hung } from '../src/core/body/hanging';
import { readStationsCsv } from '../src/core/csv/stations';
import { measureGap } from '../src/core/fit/gap';
import { fitPanel, type StationResidual } from '../src/core/fit/panel-fit';
import type { Point } from '../src/core/image/homography';
import type { Pixels } from '../src/core/image/pixels';
import { readBytes, readText } from './files';
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

/** "85.60x53.98" as two lengths in mm. */
function cardSize(text: string | undefined): [number, number] {
  const found = /^(\d+(?:\.\d+)?)x(\d+(?:\.\d+)?)$/.exec(text ?? '');
  const size = [Number(found?.[1]), Number(found?.[2])] as [number, number];
  if (!found || !(size[0] > 0) || !(size[1] > 0)) throw new Usage('--card-mm is the card’s size, such as 85.60x53.98');
  return size;
}

/** "x,y x,y …" as points in px. */
function points(text: string | undefined, name: string, least: number, most: number): Point[] {
  const list = (text ?? '')
    .trim()
    .split(/\s+/)
    .map((p) => p.split(',').map(Number));
  const good = list.every((p) => p.length === 2 && p.every(Number.isFinite));
  if (!good || list.length < least || list.length > most)
    throw new Usage(`--${name} is ${least === most ? least : `at least ${least}`} points "x,y x,y …" in px`);
  return list as unknown as Point[];
}

export interface GapFlags {
  readonly 'card-mm'?: string;
  readonly 'card-px'?: string;
  readonly 'seam-px'?: string;
  readonly 'step-mm'?: string;
}

/** `gap PHOTO`: the gap along a seam on a photograph with a card in it. */
export async function gapVerb(path: string, flags: GapFlags): Promise<object> {
  const cardMm = cardSize(flags['card-mm']);
  const cardPx = points(flags['card-px'], 'card-px', 4, 4);
  const seamPx = points(flags['seam-px'], 'seam-px', 2, 500);
  const stepMm = millimetres(flags['step-mm'], 'step-mm');
  const bytes = readBytes(path);
  const { default: sharp } = await import('sharp');
  let pixels: Pixels;
  try {
    const { data, info } = await sharp(bytes).rotate().ensureAlpha().raw().toBuffer({ resolveWithObject: true });
    pixels = { data, width: info.width, height: info.height };
  } catch {
    throw new Refusal('unreadable', { message: `${path} is no picture that can be read` });
  }
  const found = measureGap(pixels, { cardMm, cardPx, seamPx, ...(stepMm && { stepMm }) });
  if (!found.ok) throw new Refusal(found.reason);
  for (const w of found.warnings)
    console.error(
      w === 'tilted'
        ? `the view leans ${found.tiltDeg.toFixed(0)}°: the near lip hides part of the gap`
        : 'the card’s edges were not found; its corners are taken as typed',
    );
  return {
    ok: true,
    pxPerMm: found.pxPerMm,
    tiltDeg: found.tiltDeg,
    reprojectionPx: found.reprojectionPx,
    stations: found.stations.map(({ sMm, widthMm, refused }) => ({
      sMm,
      ...(widthMm ? { widthMm: { value: widthMm.value, low: widthMm.low, high: widthMm.high } } : { refused }),
    })),
    meanMm: found.meanMm,
    rangeMm: found.rangeMm,
    taperMmPer100: found.taperMmPer100,
    steps: found.steps,
    warnings: found.warnings,
  };
}
