import { converter, differenceCiede2000 } from 'culori';
import type { ColourVerdict } from '../catalogue/colour-verdicts';
import type { Patch, Pixels } from '../image/pixels';
import type { Estimate } from '../stats/estimate';
import { quantile } from '../stats/quantile';
import { seeded } from '../stats/random';
import { COLOUR_LIMITS } from './limits';
import { type ColourRefusal, verdictOf } from './verdicts';

export type ColourComparison =
  | {
      readonly ok: true;
      /** CIEDE2000 between the two patches, with the 10 and 90 % points from resampling their blocks, widened by what a camera may add. */
      readonly deltaE: Estimate;
      readonly verdict: ColourVerdict;
      readonly labA: Lab;
      readonly labB: Lab;
    }
  | { readonly ok: false; readonly reason: ColourRefusal; readonly patch: 'card' | 'a' | 'b' };

export interface Lab {
  readonly l: number;
  readonly a: number;
  readonly b: number;
}
type Rgb = readonly [number, number, number];

const toLab = converter('lab65');
const ciede2000 = differenceCiede2000();
/** sRGB to linear light (IEC 61966-2-1). */
const LINEAR = Float64Array.from({ length: 256 }, (_, v) => {
  const c = v / 255;
  return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
});
const luminance = ([r, g, b]: Rgb) => 0.2126 * r + 0.7152 * g + 0.0722 * b;

/** CIEDE2000 between two colours in CIELAB under D65. */
export function deltaE2000(a: Lab, b: Lab): number {
  return ciede2000({ mode: 'lab65', ...a }, { mode: 'lab65', ...b });
}

const BLOCKS = 4;
const RESAMPLES = 200;

/**
 * The colour difference of two patches of one photograph with a grey card in it: pixels in linear light, burnt-out ones
 * and the brightest and darkest left out (reflections, dust), scaled so that the card is its neutral grey, CIELAB under
 * D65, CIEDE2000 (ISO/CIE 11664-6). Refuses patches that lie outside, are too small, too burnt out or too dark, and a
 * card that is not evenly lit or too far from grey. A camera is a screening tool: see docs.
 */
export function compareColours(pixels: Pixels, card: Patch, a: Patch, b: Patch): ColourComparison {
  const taken = [card, a, b].map((p) => blocksOf(pixels, p));
  const names = ['card', 'a', 'b'] as const;
  for (const [i, t] of taken.entries()) if (typeof t === 'string') return { ok: false, reason: t, patch: names[i]! };
  const [cardBlocks, aBlocks, bBlocks] = taken as Rgb[][];
  const grey = mean(cardBlocks!);
  if (luminance(grey) < COLOUR_LIMITS.leastLight) return { ok: false, reason: 'too-dark', patch: 'card' };
  if (Math.max(...grey) / Math.max(1e-6, Math.min(...grey)) > COLOUR_LIMITS.cast)
    return { ok: false, reason: 'card-not-grey', patch: 'card' };
  const lights = cardBlocks!.map(luminance);
  if ((Math.max(...lights) - Math.min(...lights)) / luminance(grey) > COLOUR_LIMITS.cardSpread)
    return { ok: false, reason: 'card-uneven', patch: 'card' };
  const lab = (blocks: readonly Rgb[]): Lab => {
    const [r, g, bl] = mean(blocks).map((v, i) => (v * COLOUR_LIMITS.cardReflectance) / grey[i]!) as unknown as Rgb;
    const { l, a: aa, b: bb } = toLab({ mode: 'lrgb', r, g, b: bl });
    return { l, a: aa, b: bb };
  };
  const [labA, labB] = [lab(aBlocks!), lab(bBlocks!)];
  const value = deltaE2000(labA, labB);
  const random = seeded(1);
  const again = (blocks: readonly Rgb[]) => blocks.map(() => blocks[Math.floor(random() * blocks.length)]!);
  const draws = Array.from({ length: RESAMPLES }, () => deltaE2000(lab(again(aBlocks!)), lab(again(bBlocks!)))).sort(
    (x, y) => x - y,
  );
  return {
    ok: true,
    deltaE: {
      value,
      low: Math.max(0, Math.min(value, quantile(draws, 0.1)!) - COLOUR_LIMITS.camera),
      high: Math.max(value, quantile(draws, 0.9)!) + COLOUR_LIMITS.camera,
      n: aBlocks!.length + bBlocks!.length,
    },
    verdict: verdictOf(value),
    labA,
    labB,
  };
}

function mean(rgbs: readonly Rgb[]): Rgb {
  const sum = rgbs.reduce<[number, number, number]>((s, v) => [s[0] + v[0], s[1] + v[1], s[2] + v[2]], [0, 0, 0]);
  return sum.map((v) => v / rgbs.length) as unknown as Rgb;
}

/** Robust means of a patch's blocks in linear light, or why there are none. */
function blocksOf({ data, width, height }: Pixels, patch: Patch): Rgb[] | ColourRefusal {
  const [x0, y0] = [Math.round(patch.x), Math.round(patch.y)];
  const [w, h] = [Math.round(patch.width), Math.round(patch.height)];
  if (x0 < 0 || y0 < 0 || x0 + w > width || y0 + h > height) return 'outside';
  if (w * h < COLOUR_LIMITS.pixels || w < BLOCKS || h < BLOCKS) return 'too-small';
  const blocks: Rgb[] = [];
  let clipped = 0;
  for (let by = 0; by < BLOCKS; by++)
    for (let bx = 0; bx < BLOCKS; bx++) {
      const good: Rgb[] = [];
      for (let y = y0 + Math.floor((by * h) / BLOCKS); y < y0 + Math.floor(((by + 1) * h) / BLOCKS); y++)
        for (let x = x0 + Math.floor((bx * w) / BLOCKS); x < x0 + Math.floor(((bx + 1) * w) / BLOCKS); x++) {
          const k = (y * width + x) * 4;
          const [r, g, b] = [data[k]!, data[k + 1]!, data[k + 2]!];
          if (Math.max(r, g, b) >= COLOUR_LIMITS.burnt || Math.max(r, g, b) <= COLOUR_LIMITS.drowned) clipped++;
          else good.push([LINEAR[r]!, LINEAR[g]!, LINEAR[b]!]);
        }
      if (good.length > 0) blocks.push(trimmed(good));
    }
  if (clipped > COLOUR_LIMITS.clippedShare * w * h || blocks.length < BLOCKS) return 'clipped';
  // A block that lies in a reflection is brighter than its neighbours altogether.
  blocks.sort((p, q) => luminance(p) - luminance(q));
  return blocks.slice(0, Math.max(BLOCKS, Math.ceil(blocks.length * (1 - COLOUR_LIMITS.brightestOut))));
}

function trimmed(pixels: readonly Rgb[]): Rgb {
  const sorted = [...pixels].sort((p, q) => luminance(p) - luminance(q));
  const from = Math.floor(sorted.length * COLOUR_LIMITS.darkestOut);
  const to = Math.max(from + 1, Math.ceil(sorted.length * (1 - COLOUR_LIMITS.brightestOut)));
  return mean(sorted.slice(from, to));
}
