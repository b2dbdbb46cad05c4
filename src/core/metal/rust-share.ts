import { unfitPicture } from '../image/exposure';
import { sharpestEdgePx } from '../image/focus';
import { type LogLight, linearLight, logLightOf } from '../image/log-light';
import { coarserMask, countIn, type Mask, shrinkFor } from '../image/masked';
import { grown, patchesOf } from '../image/patches';
import { coarser, type Pixels } from '../image/pixels';
import { type Ground, INNER_PX, innerOf, spotShare } from '../image/spot-share';
import { type PaintGround, paintGround } from './paint-ground';
import { d610Of, riOf } from './rust-grades';
import { RUST_LIMITS, type RustRefusal } from './rust-limits';

export type RustShare =
  | {
      readonly ok: true;
      /** Rusted share of the panel that was looked at, 0 to 1. */
      readonly areaShare: number;
      readonly ri: number;
      readonly d610: number;
      /** How much of each pixel is rust, at the working size. */
      readonly cover: Float32Array;
      readonly width: number;
      readonly height: number;
      /** Nothing in the picture has an edge by which focus could be told. */
      readonly focusUntold: boolean;
    }
  | { readonly ok: false; readonly reason: RustRefusal };

const { log, max, min } = Math;

/** The same with a floor: something that is neither is no more likely to be the one the farther it lies from the other. */
const FLOOR = -18;

/** Odds of rust against all else at every pixel, as logarithms, and those of something that is neither rust nor paint. */
interface Odds {
  readonly rust: Float32Array;
  readonly other: Uint8Array;
}

/**
 * Weighs every pixel as rust, paint, or something else (dirt, a chip, a highlight: neutral and of another light), by its
 * colour and by how its light differs from the paint's.
 */
function oddsOf(l: LogLight, g: PaintGround): Odds {
  const { redness, yellowness, lightSpread, before, neutral } = RUST_LIMITS;
  const [rust, other] = [new Float32Array(l.light.length), new Uint8Array(l.light.length)];
  const [ra, rb, rl] = [1 / redness[1], 1 / yellowness[1], 1 / lightSpread];
  const [pa, pb, pl] = [1 / g.spread.redness, 1 / g.spread.yellowness, 1 / g.spread.light];
  const [rustBase, paintBase] = [before + log(ra * rb * rl), log(pa * pb * pl)];
  const na = 1 / neutral;
  const neutralBase = before - 1 + log(na * na * rl);
  for (let i = 0; i < rust.length; i++) {
    const [a, b, dark] = [l.redness[i]!, l.yellowness[i]!, l.light[i]! - g.light[i]!];
    const byLight = 0.5 * (dark * rl) ** 2;
    const asRust =
      rustBase - min(-FLOOR, 0.5 * (((a - redness[0]) * ra) ** 2 + ((b - yellowness[0]) * rb) ** 2) + byLight);
    const [da, db, dl] = [(a - g.redness[i]!) * pa, (b - g.yellowness[i]!) * pb, dark * pl];
    const asPaint = paintBase - min(-FLOOR, 0.5 * (da * da + db * db + dl * dl));
    const asOther = neutralBase - min(-FLOOR, 0.5 * ((a * na) ** 2 + (b * na) ** 2) + byLight);
    rust[i] = asRust - max(asPaint, asOther);
    if (asOther > asRust && asOther > asPaint + 3) other[i] = 1;
  }
  return { rust, other };
}

/** The paint's linear light, three channels, from its logarithms. */
const groundOf =
  (g: PaintGround): Ground =>
  (at, into) =>
    linearLight(g.light[at]!, g.redness[at]!, g.yellowness[at]!, into);

function countAbove(values: Float32Array, bar: number, inside: Mask): number {
  let n = 0;
  for (let i = 0; i < values.length; i++) if (inside[i] === 1 && values[i]! > bar) n++;
  return n;
}

/** How far round something that is no rust its edges can look like rust, px. */
const EDGE_PX = 2;

/** Pixels that start a spot: likely rust beside likely rust, or rust for certain; none where dirt and chips end. */
function seedsOf({ rust, other }: Odds, inside: Mask, width: number, height: number): Uint8Array {
  const { start, alone } = RUST_LIMITS;
  const out = new Uint8Array(rust.length);
  for (let i = width; i < rust.length - width; i++) {
    if (inside[i] === 0 || !(rust[i]! > start)) continue;
    const near =
      Number(rust[i - 1]! > start) +
      Number(rust[i + 1]! > start) +
      Number(rust[i - width]! > start) +
      Number(rust[i + width]! > start);
    if (near >= 2 || rust[i]! > alone) out[i] = 1;
  }
  return withoutRims(out, other, width, height);
}

/** Takes out the patches that are but the rim of something else: half of their pixels lie at its edge. */
function withoutRims(seeds: Uint8Array, other: Uint8Array, width: number, height: number): Uint8Array {
  // Where rust and paint mix they can look neutral too, but never as far across as a thing of its own.
  const things = patchesOf(innerOf(other, width, height), width, height);
  const round = grown(things, width, height, INNER_PX + EDGE_PX);
  const { label, sizes } = patchesOf(seeds, width, height);
  const at = new Uint32Array(sizes.length);
  for (let i = 0; i < label.length; i++) if (label[i]! > 0 && round[i]! > 0) at[label[i]!]!++;
  return seeds.map((s, i) => (s === 1 && 2 * at[label[i]!]! <= sizes[label[i]!]! ? 1 : 0));
}

/**
 * The rusted share of a painted panel off a photograph under whatever light falls on it: the paint's own light and colour
 * are followed over the panel, each pixel is weighed as rust or paint by colour and darkness, and the edges of spots count
 * in parts. Ri after ISO 4628-3 and the grade of ASTM D610 follow from the share. `mask`: the panel, where not all of the
 * picture is. Refuses too few pixels, a burnt-out or too dark panel, and pictures out of focus. Wet dirt of rust's colour
 * is taken for rust: the panel is washed first.
 */
export function rustShare(photo: Pixels, mask: Mask | null = null): RustShare {
  const by = shrinkFor(photo, RUST_LIMITS.workPx);
  const pixels = by === 1 ? photo : coarser(photo, by);
  const { width, height } = pixels;
  const inside = mask ? coarserMask(mask, photo.width, by, pixels) : new Uint8Array(width * height).fill(1);
  const looked = countIn(inside);
  const reason = unfitPicture(pixels, inside, looked, RUST_LIMITS);
  if (reason) return { ok: false, reason };
  const l = logLightOf(pixels);
  const softness = sharpestEdgePx(l.light, width, height, inside);
  const soft = softness === null || softness > RUST_LIMITS.softestPx;
  const ground = paintGround(l, inside);
  const odds = oddsOf(l, ground);
  // Where there is much rust, the next pixel is likelier to be rust: the odds before looking are those of a first count.
  const first = countAbove(odds.rust, RUST_LIMITS.start, inside) / looked;
  // A highlight falls off softly on a sharp picture too; rust does not.
  if (softness !== null && soft && first > RUST_LIMITS.softRust) return { ok: false, reason: 'blurred' };
  const more = max(0, log((first + 1e-6) / (1 - first + 1e-6)) - RUST_LIMITS.before);
  if (more > 0) for (let i = 0; i < odds.rust.length; i++) odds.rust[i]! += more;
  const seeds = seedsOf(odds, inside, width, height);
  const { cover, area } = spotShare(pixels, inside, seeds, odds.rust, groundOf(ground));
  const areaShare = area / looked;
  return {
    ok: true,
    areaShare,
    ri: riOf(areaShare),
    d610: d610Of(areaShare),
    cover,
    width,
    height,
    focusUntold: soft,
  };
}
