import type { Pixels } from '@/core/image/pixels';
import { normalDraw, type Random, seeded } from '@/core/stats/random';
import { blurRgb } from './blur';
import { type Rgb, toCoded } from './camera';

/** The hidden truth of a painted panel with rust, or of a plated piece with pits, and how it is photographed. */
export interface FlawedScene {
  readonly seed: number;
  readonly widthPx: number;
  readonly heightPx: number;
  /** Paint of the panel (sRGB); null: a plated piece that mirrors sky, horizon and ground. */
  readonly paint: Rgb | null;
  /** Share of the surface that is to be flawed, 0 to 1, and how large the spots are, px across. */
  readonly share: number;
  readonly spotPx: readonly [low: number, high: number];
  /** How uneven the light is: 0 even, 1 from a third to three times. */
  readonly uneven: number;
  /** A soft highlight of the lamp or sun, and sky mirrored in the paint, 0 to 1. */
  readonly shine: number;
  /** Where the mirrored horizon lies, share of the height, and where its posts stand: moved with the light. */
  readonly horizon: number;
  /** Neutral dirt and pale chips that are no rust, how many. */
  readonly dirt: number;
  readonly chips: number;
  /** Standard deviation of blur, px, and of the camera's grain, of 255. */
  readonly blurPx: number;
  readonly noise: number;
  /** Exposure: 1 as it should be. */
  readonly light: number;
}

export interface FlawedPicture {
  readonly pixels: Pixels;
  /** Share of the picture that is flawed, and how many spots were drawn. */
  readonly share: number;
  readonly spots: number;
  /** How much of each pixel is flawed, 0 to 1, row by row. */
  readonly cover: Float32Array;
}

export const PLAIN_SURFACE: FlawedScene = {
  seed: 1,
  widthPx: 1200,
  heightPx: 900,
  paint: [60, 90, 70],
  share: 0.02,
  spotPx: [6, 40],
  uneven: 0.4,
  shine: 0.3,
  horizon: 0.5,
  dirt: 6,
  chips: 4,
  blurPx: 0.8,
  noise: 2,
  light: 1,
};

const { abs, cos, exp, floor, max, min, PI, sin, sqrt } = Math;
const linear = (v: number) => (v / 255 <= 0.04045 ? v / 255 / 12.92 : ((v / 255 + 0.055) / 1.055) ** 2.4);
const between = (r: Random, a: number, b: number) => a + (b - a) * r();
const toLinear = (c: Rgb): Rgb => [linear(c[0]), linear(c[1]), linear(c[2])];

/** Rust from bright orange to nearly black brown; what is under plating, besides: yellowish nickel, copper. */
const RUSTS: readonly Rgb[] = [
  [168, 92, 44],
  [138, 72, 36],
  [112, 58, 32],
  [92, 50, 30],
  [66, 40, 26],
];
const BARED: readonly Rgb[] = [
  [122, 100, 66],
  [150, 92, 62],
];

/** A light that falls on the surface, by place: slope, slow waves, a highlight. */
function lightOver(s: FlawedScene, r: Random): (u: number, v: number) => number {
  const [turn, phase, waves] = [2 * PI * r(), 2 * PI * r(), between(r, 0.6, 1.6)];
  return (u, v) => {
    const slope = (u - 0.5) * cos(turn) + (v - 0.5) * sin(turn);
    return 0.62 * s.light * exp(s.uneven * (1.4 * slope + 0.35 * sin(2 * PI * waves * (u + 0.6 * v) + phase)));
  };
}

/** What the plating mirrors at a height: sky above, a sharp horizon, ground below, posts across it. Linear light. */
function mirrored(s: FlawedScene, r: Random): (u: number, v: number) => Rgb {
  const ground = toLinear(r() < 0.5 ? [96, 92, 88] : [104, 92, 78]);
  const posts = Array.from({ length: 4 }, () => [r(), between(r, 0.008, 0.05)] as const);
  const [bend, lean] = [between(r, -0.15, 0.15), between(r, -0.12, 0.12)];
  return (u, v) => {
    const at = v - s.horizon - bend * (u - 0.5) ** 2 - lean * (u - 0.5);
    const dark = posts.some(([x, w]) => abs(u - x - 0.15 * at) < w && abs(at) < 0.22);
    if (dark) return [0.03, 0.032, 0.035];
    if (at < -0.02) {
      const k = min(1, -at / 0.5);
      return [0.42 + 0.4 * k, 0.5 + 0.38 * k, 0.58 + 0.34 * k];
    }
    if (at < 0.02) return [0.05, 0.05, 0.05];
    const k = min(1, at / 0.5);
    return [ground[0] * (0.6 + 1.6 * k), ground[1] * (0.6 + 1.6 * k), ground[2] * (0.6 + 1.6 * k)];
  };
}

interface Spot {
  readonly x: number;
  readonly y: number;
  readonly radius: number;
  readonly squash: number;
  readonly turn: number;
  readonly ragged: readonly number[];
  readonly colour: Rgb;
}

function spotAt(r: Random, x: number, y: number, radius: number, colours: readonly Rgb[]): Spot {
  const base = colours[floor(r() * colours.length)]!;
  const shade = between(r, 0.8, 1.2);
  return {
    x,
    y,
    radius,
    squash: between(r, 0.7, 1),
    turn: PI * r(),
    ragged: [between(r, 0, 0.16), 2 * PI * r(), between(r, 0, 0.1), 2 * PI * r()],
    colour: toLinear([base[0] * shade, base[1] * shade, base[2] * shade]),
  };
}

/** How far inside a spot's edge a place lies, px; negative outside. */
function depthIn(s: Spot, x: number, y: number): number {
  const dx = x - s.x;
  const dy = y - s.y;
  const c = cos(s.turn);
  const n = sin(s.turn);
  const px = dx * c + dy * n;
  const py = (-dx * n + dy * c) / s.squash;
  const angle = Math.atan2(py, px);
  const [a, b, e, f] = s.ragged as [number, number, number, number];
  return s.radius * (1 + a * sin(3 * angle + b) + e * sin(7 * angle + f)) - sqrt(px * px + py * py);
}

/** Spots in clusters until the wanted share is covered; how much of each pixel is flawed, and its colour there. */
function drawSpots(s: FlawedScene, r: Random) {
  const [w, h] = [s.widthPx, s.heightPx];
  const cover = new Float32Array(w * h);
  const colour = new Float32Array(w * h * 3);
  const colours = s.paint ? RUSTS : [...RUSTS, ...(r() < 0.4 ? BARED : [])];
  let [area, spots] = [0, 0];
  const wanted = s.share * w * h;
  let centre: readonly [number, number] = [r() * w, r() * h];
  while (area < wanted && spots < 4000) {
    if (r() < 0.15) centre = [r() * w, r() * h];
    const radius = (s.spotPx[0] * (s.spotPx[1] / s.spotPx[0]) ** (r() ** 1.5)) / 2;
    const scatter = 0.16 * min(w, h) * between(r, 0.3, 2.2);
    const spot = spotAt(r, centre[0] + scatter * normalDraw(r), centre[1] + scatter * normalDraw(r), radius, colours);
    const before = area;
    const reach = Math.ceil(radius * 1.35) + 1;
    for (let y = max(0, floor(spot.y - reach)); y <= min(h - 1, spot.y + reach); y++)
      for (let x = max(0, floor(spot.x - reach)); x <= min(w - 1, spot.x + reach); x++) {
        const c = min(1, max(0, depthIn(spot, x, y) + 0.5));
        const at = y * w + x;
        if (c <= cover[at]!) continue;
        area += c - cover[at]!;
        cover[at] = c;
        colour.set(spot.colour, 3 * at);
      }
    if (area > before) spots++;
  }
  return { cover, colour, spots, share: area / (w * h) };
}

/** Things that are no rust: neutral dirt, pale chips. */
function drawOthers(s: FlawedScene, r: Random, into: Float32Array): void {
  const put = (many: number, colours: readonly Rgb[]) => {
    for (let i = 0; i < many; i++) {
      const spot = spotAt(r, r() * s.widthPx, r() * s.heightPx, between(r, 2, 9), colours);
      for (let y = max(0, floor(spot.y - 14)); y <= min(s.heightPx - 1, spot.y + 14); y++)
        for (let x = max(0, floor(spot.x - 14)); x <= min(s.widthPx - 1, spot.x + 14); x++) {
          const c = min(1, max(0, depthIn(spot, x, y) + 0.5));
          const at = 3 * (y * s.widthPx + x);
          for (let k = 0; k < 3; k++) into[at + k] = into[at + k]! * (1 - c) + spot.colour[k]! * c;
        }
    }
  };
  put(s.dirt, [
    [58, 57, 55],
    [84, 83, 80],
  ]);
  put(s.chips, [[196, 194, 188]]);
}

/** The picture that a camera takes of the surface, the same for the same scene, with what is really flawed in it. */
export function drawFlawed(s: FlawedScene): FlawedPicture {
  const [w, h] = [s.widthPx, s.heightPx];
  // What is wrong is drawn from its own numbers, so that two pictures with the light moved show the same spots.
  const { cover, colour, spots, share } = drawSpots(s, seeded(s.seed));
  const r = seeded(s.seed * 7 + 1 + floor(1000 * s.horizon));
  const light = lightOver(s, r);
  const mirror = mirrored(s, r);
  const paint = s.paint && toLinear(s.paint);
  const plane = new Float32Array(w * h * 3);
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++) {
      const at = 3 * (y * w + x);
      const base = paint ?? mirror(x / w, y / h);
      for (let k = 0; k < 3; k++) plane[at + k] = base[k]!;
    }
  drawOthers(s, r, plane);
  const [gu, gv] = [between(r, 0.2, 0.8), between(r, 0.2, 0.8)];
  const sky = [0.75, 0.85, 1] as const;
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++) {
      const u = x / w;
      const v = y / h;
      const i = y * w + x;
      const c = cover[i]!;
      const lit = light(u, v);
      const gloss = paint
        ? s.shine * (0.05 + 0.1 * (1 - v) + 0.5 * exp(-((u - gu) ** 2 + (v - gv) ** 2) / 0.012)) * s.light
        : 0;
      for (let k = 0; k < 3; k++) {
        const own = paint ? plane[3 * i + k]! * lit + gloss * sky[k]! : plane[3 * i + k]! * s.light;
        // Rust is dull: it takes the light that falls on it and mirrors nothing.
        plane[3 * i + k] = own * (1 - c) + colour[3 * i + k]! * lit * (paint ? 1.3 : 1) * c;
      }
    }
  blurRgb(plane, w, h, s.blurPx);
  const data = new Uint8ClampedArray(w * h * 4);
  for (let i = 0; i < w * h; i++) {
    for (let k = 0; k < 3; k++) data[4 * i + k] = toCoded(plane[3 * i + k]!) + s.noise * normalDraw(r);
    data[4 * i + 3] = 255;
  }
  return { pixels: { data, width: w, height: h }, share, spots, cover };
}
