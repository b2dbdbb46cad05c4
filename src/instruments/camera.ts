import { type Homography, inverse, mapped, type Point } from '@/core/image/homography';
import type { Pixels } from '@/core/image/pixels';
import { normalDraw, seeded } from '@/core/stats/random';
import { blurRgb } from './blur';

export type Rgb = readonly [number, number, number];

/** The hidden truth of a seam between two panels and how it is photographed. Plane mm: origin at the card's first corner. */
export interface SeamScene {
  readonly seed: number;
  readonly widthPx: number;
  readonly heightPx: number;
  /** Scale at the middle of the picture. */
  readonly pxPerMm: number;
  /** Angle between line of sight and panel, the direction in which it leans, and the picture's turn, degrees. */
  readonly tiltDeg: number;
  readonly leanDeg: number;
  readonly turnDeg: number;
  readonly cardMm: readonly [number, number];
  /** Where the seam's middle line runs at a height y, and how wide it is across there, mm. */
  readonly middleMm: (yMm: number) => number;
  readonly gapMm: (yMm: number) => number;
  readonly left: Rgb;
  readonly right: Rgb;
  readonly slot: Rgb;
  /** A body-coloured seal in the slot, as a share of its width; 0 for none. */
  readonly seal: number;
  /** Brightness of the line of light along the lips, 0 to 1, and of streaks reflected in the panels. */
  readonly lip: number;
  readonly streaks: number;
  /** Grain of metallic paint and of the camera, of 255. */
  readonly metallic: number;
  readonly noise: number;
  /** How dark the corners of the picture are, 0 to 1, and all of it: 1 full light. */
  readonly vignette: number;
  readonly light: number;
  /** Blur, px standard deviation. */
  readonly blurPx: number;
  /** How far the camera moved while the picture was taken, px, and which way. */
  readonly shake?: { readonly px: number; readonly deg: number };
  /** How far the card is bent out of the plane in its middle, mm of sideways bow as the camera sees it. */
  readonly cardBowMm: number;
  /** Dark marks on the card, mm, and how far each is drawn from its place. */
  readonly marksMm: readonly Point[];
  readonly marksOffMm: number;
  /** Without a slot: paint goes through, as on one panel. */
  readonly noSlot: boolean;
  /** Whether blur happens in linear light, as in a lens, or in coded values. */
  readonly linear: boolean;
}

export interface SeamPicture {
  readonly pixels: Pixels;
  /** Plane mm to px. */
  readonly map: Homography;
  readonly cardPx: readonly [Point, Point, Point, Point];
  /** The seam's middle line from top to bottom of the picture, px, and the heights it spans, mm. */
  readonly seamPx: readonly Point[];
  readonly spanMm: readonly [number, number];
}

export const PLAIN_SCENE: SeamScene = {
  seed: 1,
  widthPx: 1100,
  heightPx: 900,
  pxPerMm: 7,
  tiltDeg: 0,
  leanDeg: 0,
  turnDeg: 0,
  cardMm: [85.6, 53.98],
  middleMm: () => 104,
  gapMm: () => 4.5,
  left: [96, 118, 104],
  right: [100, 122, 108],
  slot: [14, 13, 12],
  seal: 0,
  lip: 0.3,
  streaks: 0.1,
  metallic: 0,
  noise: 2.5,
  vignette: 0.15,
  light: 1,
  blurPx: 0.9,
  cardBowMm: 0,
  marksMm: [],
  marksOffMm: 0,
  noSlot: false,
  linear: true,
};

const { abs, cos, exp, floor, hypot, max, min, PI, round, sin } = Math;
const radians = (deg: number) => (deg * PI) / 180;
/** Distance of the camera over the width of the picture in mm: a common lens from arm's length. */
const DISTANCE_SHARE = 1.35;

/** The map from plane mm to px of a camera that looks at a point of the plane (pinhole). */
export function viewOf(scene: SeamScene, lookAt: Point): Homography {
  const f = scene.widthPx * DISTANCE_SHARE;
  const d = f / scene.pxPerMm;
  const [t, l, r] = [radians(scene.tiltDeg), radians(scene.leanDeg), radians(scene.turnDeg)];
  const [ax, ay] = [cos(l), sin(l)];
  // Turn about an axis in the plane (Rodrigues), then in the picture.
  const c = cos(t);
  const m = [
    [c + ax * ax * (1 - c), ax * ay * (1 - c)],
    [ax * ay * (1 - c), c + ay * ay * (1 - c)],
    [-ay * sin(t), ax * sin(t)],
  ] as const;
  const rows = [0, 1].map((k) => [
    cos(r) * m[0][k]! - sin(r) * m[1][k]!,
    sin(r) * m[0][k]! + cos(r) * m[1][k]!,
    m[2][k]!,
  ]) as [number[], number[]];
  const [px, py] = [(scene.widthPx - 1) / 2, (scene.heightPx - 1) / 2];
  const column = (v: readonly number[]) => [f * v[0]! + px * v[2]!, f * v[1]! + py * v[2]!, v[2]!];
  const [c0, c1] = [column(rows[0]), column(rows[1])];
  const [x, y] = lookAt;
  const o = [0, 1, 2].map((k) => -(c0[k]! * x + c1[k]! * y) + [px * d, py * d, d][k]!);
  const all = [c0[0]!, c1[0]!, o[0]!, c0[1]!, c1[1]!, o[1]!, c0[2]!, c1[2]!, o[2]!];
  return all.map((v) => v / o[2]!) as unknown as Homography;
}

/** sRGB to linear light and back (IEC 61966-2-1), by tables: a picture asks millions of times. */
const FINE = 4;
const LINEAR = Float64Array.from({ length: 255 * FINE + 2 }, (_, i) => {
  const c = min(255, i / FINE) / 255;
  return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
});
const CODED = Float64Array.from({ length: 8193 }, (_, i) => {
  const v = i / 8192;
  return 255 * (v <= 0.0031308 ? 12.92 * v : 1.055 * v ** (1 / 2.4) - 0.055);
});
const toLinear = (v: number) => {
  const at = max(0, min(255, v)) * FINE;
  const k = floor(at);
  return LINEAR[k]! + (at - k) * (LINEAR[k + 1]! - LINEAR[k]!);
};
export const toCoded = (v: number) => {
  const at = max(0, min(0.9999, v)) * 8192;
  const k = floor(at);
  return CODED[k]! + (at - k) * (CODED[k + 1]! - CODED[k]!);
};

/** Smooth noise between −1 and 1, the same for the same place. */
function grain(x: number, y: number, seed: number): number {
  const n = sin(x * 12.9898 + y * 78.233 + seed * 37.719) * 43758.5453;
  return 2 * (n - floor(n)) - 1;
}

/** Where nothing is left of the light along a lip, mm from the edge. */
const LIP_ENDS_MM = 4;

/** So far from an edge nothing of it lies within a pixel, mm; marks in the card's corners end so far from its edges. */
const CLEAR_MM = 1;
const MARKS_END_MM = 8.5;

/** Whether all is even around a place: no edge, mark, lip or grain within a pixel of it. */
function evenAt(scene: SeamScene, x: number, y: number): boolean {
  const [w, h] = scene.cardMm;
  const clear = CLEAR_MM + abs(scene.cardBowMm);
  if (x > -clear && x < w + clear && y > -clear && y < h + clear) {
    if (scene.marksMm.length > 0 || x < clear || x > w - clear || y < clear || y > h - clear) return false;
    const marked = MARKS_END_MM + clear;
    return (x > marked && x < w - marked) || (y > marked && y < h - marked);
  }
  if (scene.metallic !== 0) return false;
  return scene.noSlot || abs(x - scene.middleMm(y)) - scene.gapMm(y) / 2 > LIP_ENDS_MM + CLEAR_MM;
}

/** What the plane looks like at a place, coded 0 to 255, into `out`. */
function colourAt(scene: SeamScene, x: number, y: number, out: Float64Array): void {
  const [w, h] = scene.cardMm;
  const bow = scene.cardBowMm * (1 - ((2 * x) / w - 1) ** 2);
  if (x >= 0 && x <= w && y >= bow && y <= h + bow) {
    const mark = (abs(x - 6) < 2.5 || abs(x - w + 6) < 2.5) && (abs(y - bow - 6) < 2.5 || abs(y - bow - h + 6) < 2.5);
    const inner = scene.marksMm.some(
      ([mx, my], i) => abs(x - mx - (i === 2 ? scene.marksOffMm : 0)) < 1.5 && abs(y - my) < 1.5,
    );
    const v = mark || inner ? 40 : 228;
    out[0] = v;
    out[1] = v;
    out[2] = v - 4;
    return;
  }
  const middle = scene.middleMm(y);
  const half = scene.gapMm(y) / 2;
  const off = x - middle;
  const beyond = abs(off) - half;
  if (scene.noSlot || beyond >= 0) {
    const base = off < 0 ? scene.left : scene.right;
    const edge = scene.noSlot ? 9 : beyond;
    // The lip rolls away: a line of light near the edge, a little shade at the very edge.
    const lip = edge > LIP_ENDS_MM ? 0 : scene.lip * exp(-(((edge - 0.9) / 0.45) ** 2)) * 110;
    const streak = scene.streaks * 70 * (sin(x * 0.16 + 0.004 * y * y) + 0.6 * sin(x * 0.41 - 0.02 * y));
    const sparkle = scene.metallic === 0 ? 0 : scene.metallic * grain(floor(x * 6), floor(y * 6), scene.seed);
    for (let c = 0; c < 3; c++) out[c] = base[c]! + lip + streak + sparkle;
    return;
  }
  const depth = -beyond / half;
  const seal = scene.seal > 0 && abs(off) < half * scene.seal;
  for (let c = 0; c < 3; c++) {
    const dark = scene.slot[c]! + 6 * (1 - depth);
    out[c] = seal ? 0.75 * (off < 0 ? scene.left[c]! : scene.right[c]!) + 0.1 * dark : dark;
  }
}

const SUB = 2;

/** Where in the photograph of a seam card and seam lie, and the heights that it spans. */
export function seamPlaces(scene: SeamScene): Omit<SeamPicture, 'pixels'> {
  const [w, h] = scene.cardMm;
  const map = viewOf(scene, [w * 0.72, h / 2]);
  const { widthPx: W, heightPx: H } = scene;
  const corner = (x: number, y: number) => mapped(map, x, y)!;
  const inside = (y: number) => {
    const p = mapped(map, scene.middleMm(y), y);
    return p !== null && p[0] > 30 && p[1] > 30 && p[0] < W - 30 && p[1] < H - 30;
  };
  const heights = Array.from({ length: 801 }, (_, i) => h / 2 - 400 + i).filter(inside);
  const span = [heights[0] ?? 0, heights.at(-1) ?? 0] as const;
  const seamPx = Array.from({ length: 9 }, (_, i) => {
    const y = span[0] + ((span[1] - span[0]) * i) / 8;
    return mapped(map, scene.middleMm(y), y)!;
  });
  return {
    map,
    cardPx: [corner(0, 0), corner(w, 0), corner(w, h), corner(0, h)],
    seamPx,
    spanMm: span,
  };
}

/** Draws the photograph of a seam with a card beside it, with the truth of where all lies. Marked as drawn by whoever keeps it. */
export function drawSeam(scene: SeamScene): SeamPicture {
  const places = seamPlaces(scene);
  const back = inverse(places.map)!;
  const { widthPx: W, heightPx: H } = scene;
  const plane = new Float64Array(W * H * 3);
  const out = new Float64Array(3);
  const code = scene.linear ? toLinear : (v: number) => v;
  /** The place of the plane that a point of the picture looks at, mm; written over, since a picture asks millions of times. */
  const seen: [number, number] = [0, 0];
  const look = (px: number, py: number) => {
    const q = back[6] * px + back[7] * py + back[8];
    seen[0] = (back[0] * px + back[1] * py + back[2]) / q;
    seen[1] = (back[3] * px + back[4] * py + back[5]) / q;
  };
  for (let y = 0; y < H; y++)
    for (let x = 0; x < W; x++) {
      const at = (y * W + x) * 3;
      look(x, y);
      // Most of a picture is even, where one place says what four would.
      if (evenAt(scene, seen[0], seen[1])) {
        colourAt(scene, seen[0], seen[1], out);
        for (let c = 0; c < 3; c++) plane[at + c] = code(out[c]!);
        continue;
      }
      for (let k = 0; k < SUB * SUB; k++) {
        look(x + ((k % SUB) + 0.5) / SUB - 0.5, y + (floor(k / SUB) + 0.5) / SUB - 0.5);
        colourAt(scene, seen[0], seen[1], out);
        for (let c = 0; c < 3; c++) plane[at + c] = plane[at + c]! + code(out[c]!) / (SUB * SUB);
      }
    }
  blurRgb(plane, W, H, scene.blurPx);
  if (scene.shake) shaken(plane, W, H, scene.shake);
  const data = new Uint8ClampedArray(W * H * 4);
  const random = seeded(scene.seed);
  const decode = scene.linear ? toCoded : (v: number) => v;
  const reach = hypot(W, H) / 2;
  for (let y = 0; y < H; y++)
    for (let x = 0; x < W; x++) {
      const far = ((x - W / 2) ** 2 + (y - H / 2) ** 2) / (reach * reach);
      const shade = scene.light * (1 - scene.vignette * far);
      const noise = scene.noise * normalDraw(random);
      for (let c = 0; c < 3; c++)
        data[(y * W + x) * 4 + c] = round(decode(plane[(y * W + x) * 3 + c]!) * shade + noise);
      data[(y * W + x) * 4 + 3] = 255;
    }
  return { pixels: { data, width: W, height: H }, ...places };
}

/** A camera that moved evenly while it exposed: the mean along the way, in place. */
function shaken(plane: Float64Array, w: number, h: number, { px, deg }: { px: number; deg: number }): void {
  const from = plane.slice();
  const [dx, dy] = [Math.cos((deg * Math.PI) / 180), sin((deg * Math.PI) / 180)];
  const steps = Math.max(1, round(px));
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++)
      for (let c = 0; c < 3; c++) {
        let sum = 0;
        for (let k = 0; k <= steps; k++) {
          const t = px * (k / steps - 0.5);
          const sx = min(w - 1, max(0, round(x + t * dx)));
          const sy = min(h - 1, max(0, round(y + t * dy)));
          sum += from[(sy * w + sx) * 3 + c]!;
        }
        plane[(y * w + x) * 3 + c] = sum / (steps + 1);
      }
}
