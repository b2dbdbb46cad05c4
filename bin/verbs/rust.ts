import { rustShare } from '@/core/metal/rust-share';
import { readMask, readPicture } from '../pictures';
import { Refusal } from '../refusals';
import { defineVerb, type FlagsOf, TEXT } from '../verb';

const OPTIONS = { mask: TEXT } as const;

/** `rust PHOTO`: the rusted share of a painted panel and its grades. */
async function measure(path: string, flags: FlagsOf<typeof OPTIONS>): Promise<object> {
  const pixels = await readPicture(path);
  const found = rustShare(pixels, flags.mask ? await readMask(flags.mask, pixels) : null);
  if (!found.ok) throw new Refusal(found.reason);
  if (found.focusUntold) console.error('nothing in the picture has an edge by which its focus could be told');
  const { areaShare, ri, d610 } = found;
  return { ok: true, areaShare, ri, d610 };
}

export const verb = defineVerb({
  usage: 'PHOTO [--mask MASK.png]',
  does: 'Measures the rusted share of a painted panel on a photograph. The mask is white where the panel is.',
  gives: '`{areaShare, ri, d610}` (ISO 4628-3, ASTM D610)',
  takes: 'file',
  options: OPTIONS,
  run: measure,
});
