import { measureGap } from '@/core/fit/gap/measure';
import type { Point } from '@/core/image/homography';
import { millimetres } from '../millimetres';
import { readPicture } from '../pictures';
import { Refusal, Usage } from '../refusals';
import { defineVerb, type FlagsOf, TEXT } from '../verb';

const OPTIONS = { 'card-mm': TEXT, 'card-px': TEXT, 'seam-px': TEXT, 'step-mm': TEXT } as const;

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

/** `gap PHOTO`: the gap along a seam on a photograph with a card in it. */
async function measure(path: string, flags: FlagsOf<typeof OPTIONS>): Promise<object> {
  const cardMm = cardSize(flags['card-mm']);
  const cardPx = points(flags['card-px'], 'card-px', 4, 4);
  const seamPx = points(flags['seam-px'], 'seam-px', 2, 500);
  const stepMm = millimetres(flags['step-mm'], 'step-mm');
  const pixels = await readPicture(path);
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

export const verb = defineVerb({
  usage: 'PHOTO --card-mm 85.60x53.98 --card-px "x,y x,y x,y x,y" --seam-px "x,y x,y …" [--step-mm 5]',
  does: 'Measures the gap along a seam on a photograph with a flat card beside it.',
  gives: 'stations, mean, range, taper, steps',
  takes: 'file',
  options: OPTIONS,
  run: measure,
});
