import { unfitPicture } from '../image/exposure';
import { sharpestEdgePx } from '../image/focus';
import { compactDepth, softened } from '../image/line-closing';
import { LINEAR, type LogLight, logLightOf } from '../image/log-light';
import { coarserMask, countIn, type Mask, shrinkFor } from '../image/masked';
import { patchesOf } from '../image/patches';
import { coarser, greyOf, type Pixels } from '../image/pixels';
import { spotShare } from '../image/spot-share';
import { compactSpots } from './compact-spots';
import { PLATING_LIMITS as LIMITS, type PlatingRefusal } from './plating-limits';
import { platingRating } from './rating';

export type Plating =
  | {
      readonly ok: true;
      /** Share of the piece that is pitted, rusty or bare, 0 to 1. */
      readonly areaShare: number;
      readonly pits: number;
      /** Null without a scale. */
      readonly pitsPerDm2: number | null;
      readonly rating: number;
      readonly cover: Float32Array;
      readonly width: number;
      readonly height: number;
      readonly focusUntold: boolean;
    }
  | { readonly ok: false; readonly reason: PlatingRefusal };

export interface PlatingOptions {
  /** The piece, where not all of the picture is. */
  readonly mask?: Mask | null;
  /** The same view with the light moved: what is not in both is a reflection. */
  readonly second?: Pixels | null;
  readonly pxPerMm?: number | null;
}

const { max, min, round } = Math;

/** Outside the piece: as bright as can be, so that its edge hides no pit and makes none. */
function withinPiece(values: Float32Array, inside: Mask, outside: number): Float32Array {
  return Float32Array.from(values, (v, i) => (inside[i] === 1 ? v : outside));
}

/** One picture's view of what is spot: how certain, above 0 where it is; and the light round each place. */
interface Seen {
  readonly log: LogLight;
  readonly strength: Float32Array;
  readonly seeds: Uint8Array;
}

/** How certain each pixel is a pit, rust or bared metal: a compact thing darker or warmer than all that lies round it. */
function look(pixels: Pixels, inside: Mask, half: number): Seen {
  const { width, height } = pixels;
  const log = logLightOf(pixels);
  const bright = softened(greyOf(pixels, { x: 0, y: 0, width, height }).data, width, height);
  const depth = compactDepth(withinPiece(bright, inside, 0), width, height, half);
  const cold = softened(
    Float32Array.from(log.redness, (a, i) => -(a + log.yellowness[i]!)),
    width,
    height,
  );
  const warm = compactDepth(withinPiece(cold, inside, -9), width, height, half);
  const strength = new Float32Array(inside.length);
  const [seeds, certain] = [new Uint8Array(inside.length), new Uint8Array(inside.length)];
  const [red, yellow] = LIMITS.rusty;
  for (let i = 0; i < strength.length; i++) {
    if (inside[i] === 0) continue;
    const dark = depth[i]! / max(LIMITS.pitDepth, LIMITS.pitShare * (bright[i]! + depth[i]!)) - 1;
    const warmer = warm[i]! / LIMITS.warmth - 1;
    const rusty = min(log.redness[i]! / red, log.yellowness[i]! / yellow) - 1;
    strength[i] = max(dark, warmer, rusty);
    if (strength[i]! > 0) seeds[i] = 1;
    if (rusty > 0) certain[i] = 1;
  }
  const cues = [
    { value: bright, depth },
    { value: cold, depth: warm },
  ];
  return { log, strength, seeds: compactSpots(seeds, cues, certain, width, height) };
}

/** The light of the plating under each spot: the mean of what is not spot about it, three channels of linear light. */
function groundAbout({ data, width, height }: Pixels, seeds: Uint8Array, inside: Mask, reach: number): Float32Array {
  const sums = [0, 1, 2, 3].map(() => new Float64Array((width + 1) * (height + 1)));
  for (let y = 0; y < height; y++) {
    const row = [0, 0, 0, 0];
    for (let x = 0; x < width; x++) {
      const at = y * width + x;
      if (seeds[at] === 0 && inside[at] === 1) {
        for (let c = 0; c < 3; c++) row[c]! += LINEAR[data[4 * at + c]!]!;
        row[3]!++;
      }
      const to = (y + 1) * (width + 1) + x + 1;
      for (let c = 0; c < 4; c++) sums[c]![to] = sums[c]![to - width - 1]! + row[c]!;
    }
  }
  const out = new Float32Array(3 * width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const at = 3 * (y * width + x);
      for (let grow = reach; grow < 8 * reach; grow *= 2) {
        const [x0, x1, y0, y1] = [
          max(0, x - grow),
          min(width, x + grow + 1),
          max(0, y - grow),
          min(height, y + grow + 1),
        ];
        const over = (s: Float64Array) =>
          s[y1 * (width + 1) + x1]! - s[y0 * (width + 1) + x1]! - s[y1 * (width + 1) + x0]! + s[y0 * (width + 1) + x0]!;
        const n = over(sums[3]!);
        if (n < 4) continue;
        for (let c = 0; c < 3; c++) out[at + c] = over(sums[c]!) / n;
        break;
      }
    }
  return out;
}

/**
 * Pits, rust and peeling on a plated piece off a photograph: compact things that are darker or warmer than whatever the
 * metal mirrors on every side of them, edges counted in parts; with a second photograph of the same view, its light moved,
 * only what is in both. `pxPerMm` gives the pits per dm². Rating after ISO 10289. Refuses too few pixels, a burnt-out or
 * too dark piece, pictures out of focus, and a second picture of another size.
 */
export function plating(photo: Pixels, { mask = null, second = null, pxPerMm = null }: PlatingOptions = {}): Plating {
  const refuse = (reason: PlatingRefusal): Plating => ({ ok: false, reason });
  if (second && (second.width !== photo.width || second.height !== photo.height)) return refuse('not-alike');
  const by = shrinkFor(photo, LIMITS.workPx);
  const views = [photo, ...(second ? [second] : [])].map((p) => (by === 1 ? p : coarser(p, by)));
  const { width, height } = views[0]!;
  const inside = mask ? coarserMask(mask, photo.width, by, views[0]!) : new Uint8Array(width * height).fill(1);
  const looked = countIn(inside);
  for (const view of views) {
    const reason = unfitPicture(view, inside, looked, LIMITS);
    if (reason) return refuse(reason);
  }
  const half = round(min(LIMITS.spotPx[1], max(LIMITS.spotPx[0], LIMITS.spotShare * Math.sqrt(looked))) / 2);
  const seen = views.map((v) => look(v, inside, half));
  const softness = seen.map((s) => sharpestEdgePx(s.log.light, width, height, inside));
  if (softness.some((s) => s !== null && s > LIMITS.softestPx)) return refuse('blurred');
  const strength = seen.map((s) => s.strength).reduce((a, b) => a.map((v, i) => min(v, b[i]!)));
  const seeds = seen.map((s) => s.seeds).reduce((a, b) => a.map((v, i) => v & b[i]!));
  const about = groundAbout(views[0]!, seeds, inside, 6);
  const { cover, area } = spotShare(views[0]!, inside, seeds, strength, (at, into) => {
    for (let c = 0; c < 3; c++) into[c] = about[3 * at + c]!;
  });
  const areaShare = area / looked;
  const found = patchesOf(
    Uint8Array.from(cover, (c) => (c > 0.5 ? 1 : 0)),
    width,
    height,
  );
  const pits = found.sizes.slice(1).filter((size) => size >= LIMITS.leastPit).length;
  const dm2 = pxPerMm ? (looked * by * by) / (pxPerMm * pxPerMm) / 10_000 : null;
  return {
    ok: true,
    areaShare,
    pits,
    pitsPerDm2: dm2 === null ? null : pits / dm2,
    rating: platingRating(areaShare),
    cover,
    width,
    height,
    focusUntold: softness.every((s) => s === null),
  };
}
