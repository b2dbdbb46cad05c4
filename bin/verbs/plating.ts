import { plating } from '@/core/bright/plating';
import { readMask, readPicture } from '../pictures';
import { Refusal, Usage } from '../refusals';
import { defineVerb, type FlagsOf, TEXT } from '../verb';

const OPTIONS = { mask: TEXT, second: TEXT, 'px-per-mm': TEXT } as const;

/** `plating PHOTO`: the defective share of a plated piece, its pits and its rating. */
async function measure(path: string, flags: FlagsOf<typeof OPTIONS>): Promise<object> {
  const pxPerMm = flags['px-per-mm'] === undefined ? null : Number(flags['px-per-mm']);
  if (pxPerMm !== null && !(pxPerMm > 0)) throw new Usage('--px-per-mm is a number above 0');
  const pixels = await readPicture(path);
  const found = plating(pixels, {
    mask: flags.mask ? await readMask(flags.mask, pixels) : null,
    second: flags.second ? await readPicture(flags.second) : null,
    pxPerMm,
  });
  if (!found.ok) throw new Refusal(found.reason);
  if (found.focusUntold) console.error('nothing in the picture has an edge by which its focus could be told');
  const { areaShare, pits, pitsPerDm2, rating } = found;
  return { ok: true, areaShare, pits, pitsPerDm2, rating };
}

export const verb = defineVerb({
  usage: 'PHOTO [--mask MASK.png] [--second PHOTO] [--px-per-mm N]',
  does: 'Measures pits, rust and peeling on a plated piece. A second photograph of the same view with the light moved tells reflections apart. The mask is white where the piece is.',
  gives: '`{areaShare, pits, pitsPerDm2, rating}` (ISO 10289)',
  takes: 'file',
  options: OPTIONS,
  run: measure,
});
