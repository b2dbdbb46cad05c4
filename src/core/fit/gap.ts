import type { GapRefusal } from '../catalogue/gap-refusals';
import { CARD_LIMITS, refineCard } from '../image/card';
import { edgeSoftnessPx } from '../image/edge-softness';
import { edgeExponent } from '../image/edge-tone';
import {
  type Homography,
  homographyOf,
  inverse,
  mapped,
  meanStretch,
  type Point,
  stretchAt,
  tiltDegOf,
} from '../image/homography';
import { coarser, type Pixels } from '../image/pixels';
import { type Channels, LUMA, lightAt, slopeOf, toneOf } from '../image/sample';
import type { Estimate } from '../stats/estimate';
import { Z_90 } from '../stats/normal';
import { quantile } from '../stats/quantile';
import { GAP_LIMITS } from './gap-limits';
import { meanProfile, type SeamStrip, seamStrip } from './seam-strip';
import { type SeamSummary, summarise } from './seam-summary';
import { COARSE_ROWS, type SlotPair, slotAlong } from './slot';

export interface GapOrder {
  /** Width and height of the card, mm. */
  readonly cardMm: readonly [number, number];
  /** The card's corners on the picture, px, clockwise; rough taps will do. */
  readonly cardPx: readonly Point[];
  /** The seam as roughly drawn, px. */
  readonly seamPx: readonly Point[];
  readonly stepMm?: number;
  /** Dark marks on the card, mm from its first corner, that lie where they should when it is flat; the same turned round. */
  readonly marksMm?: readonly Point[];
}

/** What is being done, in this order. */
export const GAP_STAGES = ['card', 'slot', 'edges'] as const;
export type GapStage = (typeof GAP_STAGES)[number];

export interface GapStation {
  readonly sMm: number;
  /** The gap with its 10 and 90 % points, or why there is none. */
  readonly widthMm: Estimate | null;
  readonly refused: 'no-slot' | null;
  /** The edges on the picture, px; null where refused. */
  readonly edgesPx: readonly [Point, Point] | null;
  /** The same edges on the strip, columns. */
  readonly columns: readonly [number, number] | null;
}

export type GapResult =
  | ({
      readonly ok: true;
      readonly pxPerMm: number;
      readonly tiltDeg: number;
      readonly reprojectionPx: number;
      readonly stations: readonly GapStation[];
      readonly warnings: readonly ('tilted' | 'card-not-refined')[];
      readonly cardPx: readonly Point[];
      /** The share by which all widths may be off together, from the corners' error. */
      readonly scaleShare: number;
      /** The seam laid straight, as the edges were found on it. */
      readonly strip: SeamStrip;
    } & SeamSummary)
  | { readonly ok: false; readonly reason: GapRefusal };

const { abs, atan, cos, floor, hypot, log, max, min, round, sqrt } = Math;
const { isFinite: known } = Number;
const refuse = (reason: GapRefusal): GapResult => ({ ok: false, reason });

/** The card's size in the order of its corners: which side was given first is told by the picture. */
export function cardSize([w, h]: readonly [number, number], corners: readonly Point[]): readonly [number, number] {
  const side = (i: number) =>
    hypot(corners[(i + 1) % 4]![0] - corners[i]![0], corners[(i + 1) % 4]![1] - corners[i]![1]);
  const shape = log((side(0) + side(2)) / (side(1) + side(3)));
  return abs(shape - log(w / h)) <= abs(shape - log(h / w)) ? [w, h] : [h, w];
}

/** A card's corners on its plane, mm, clockwise from the origin. */
export const cardPlane = ([w, h]: readonly [number, number]): readonly Point[] => [
  [0, 0],
  [w, 0],
  [w, h],
  [0, h],
];

/** Twice the area, positive for corners that run clockwise on a picture (y down). */
const turning = (p: readonly Point[]) =>
  p.reduce((s, [x, y], i) => s + x * p[(i + 1) % p.length]![1] - p[(i + 1) % p.length]![0] * y, 0);

function convex(p: readonly Point[]): boolean {
  return p.every((a, i) => {
    const [b, c] = [p[(i + 1) % 4]!, p[(i + 2) % 4]!];
    return (b[0] - a[0]) * (c[1] - b[1]) - (b[1] - a[1]) * (c[0] - b[0]) > 0;
  });
}

/** Weights of the channels that set the paint off from the slot; luma where all are alike. */
function channelsFor(pixels: Pixels, at: readonly GapStationEdges[]): Channels {
  const sums = [0, 0, 0];
  for (const { inside, outside } of at)
    for (const [px, sign] of [...outside.map((p) => [p, 1] as const), [inside, -2] as const]) {
      const x = round(px[0]);
      const y = round(px[1]);
      if (x < 0 || y < 0 || x >= pixels.width || y >= pixels.height) return LUMA;
      for (let c = 0; c < 3; c++) sums[c] = sums[c]! + sign * pixels.data[(y * pixels.width + x) * 4 + c]!;
    }
  const many = max(1, 2 * at.length);
  // Colour is kept more coarsely than luma and softens edges: it is used only where luma hardly tells paint from slot.
  const byLuma = sums.reduce((t, v, c) => t + (v / many) * LUMA[c]!, 0);
  if (byLuma >= GAP_LIMITS.lumaContrast) return LUMA;
  const positive = sums.map((v) => max(0, v));
  const total = positive[0]! + positive[1]! + positive[2]!;
  // A little of every channel, so that one channel's noise is not all there is.
  return total <= 0 ? LUMA : (positive.map((v) => 0.7 * (v / total) + 0.1) as unknown as Channels);
}

interface GapStationEdges {
  readonly inside: Point;
  readonly outside: readonly [Point, Point];
}

/**
 * Measures the gap of a seam on one photograph with a flat card of known size beside it: the card's corners to sub-pixel,
 * the plane's map from them, the strip along the roughly drawn seam laid straight, the two edges of the dark slot followed
 * by continuity and located to sub-pixel, a station every `stepMm`. Widths in mm across the seam with 10 and 90 % points.
 * Refuses with one of GAP_REFUSALS instead of guessing; single stations without a slot, or off their neighbours, are
 * refused by themselves. Pictures finer than
 * `finestPxPerMm` are made coarser first: edges gain nothing there, and noise is averaged. See docs/decisions/0010-gap.md.
 */
export function measureGap(pixels: Pixels, order: GapOrder, onStage: (stage: GapStage) => void = () => {}): GapResult {
  const [w, h] = order.cardMm;
  const pxPerMm = perimeterOf(order.cardPx) / (2 * (w + h));
  if (!(pxPerMm > GAP_LIMITS.finestPxPerMm)) return measureAsIs(pixels, order, onStage);
  const by = floor((2 * pxPerMm) / GAP_LIMITS.finestPxPerMm);
  const shift = (by - 1) / 2;
  const down = ([x, y]: Point): Point => [(x - shift) / by, (y - shift) / by];
  const up = ([x, y]: Point): Point => [x * by + shift, y * by + shift];
  const smaller = { ...order, cardPx: order.cardPx.map(down), seamPx: order.seamPx.map(down) };
  const found = measureAsIs(coarser(pixels, by), smaller, onStage);
  if (!found.ok) return found;
  return {
    ...found,
    pxPerMm: found.pxPerMm * by,
    reprojectionPx: found.reprojectionPx * by,
    cardPx: found.cardPx.map(up),
    stations: found.stations.map((s) => ({ ...s, edgesPx: s.edgesPx && [up(s.edgesPx[0]), up(s.edgesPx[1])] })),
  };
}

const perimeterOf = (corners: readonly Point[]) =>
  corners.reduce((s, p, i) => {
    const next = corners[(i + 1) % corners.length]!;
    return s + hypot(p[0] - next[0], p[1] - next[1]);
  }, 0);

/** Whether the card's edges are softer than gaps can be read through. */
function isShaken(pixels: Pixels, card: readonly Point[], mmPerPx: number): boolean {
  const soft = edgeSoftnessPx(pixels, card);
  return soft !== null && soft > GAP_LIMITS.blurPx && soft * mmPerPx > GAP_LIMITS.blurMm;
}

function measureAsIs(pixels: Pixels, order: GapOrder, onStage: (stage: GapStage) => void): GapResult {
  const stepMm = min(GAP_LIMITS.mostStepMm, max(GAP_LIMITS.leastStepMm, order.stepMm ?? GAP_LIMITS.stepMm));
  if (order.cardPx.length !== 4 || order.seamPx.length < 2) return refuse('unreadable');
  const taps = turning(order.cardPx) > 0 ? order.cardPx : [...order.cardPx].reverse();
  if (!convex(taps)) return refuse('card-not-flat');
  const size = cardSize(order.cardMm, taps);
  onStage('card');
  const mmPerPx = (2 * (size[0] + size[1])) / perimeterOf(taps);
  const coded = refineCard(pixels, taps, mmPerPx);
  // The sides of a card on a shaken picture look bent: what is soft is told as that.
  if (!coded.ok)
    return refuse(coded.reason === 'card-not-flat' && isShaken(pixels, taps, mmPerPx) ? 'blurred' : coded.reason);
  // The card lies between even areas: its sides tell the picture's tone, under which they lie where they are.
  const tone = toneOf(edgeExponent(pixels, coded.edges));
  const again =
    coded.edges.length > 0 ? refineCard(pixels, coded.corners, mmPerPx, tone, CARD_LIMITS.againReachPx) : coded;
  const card = again.ok && again.residualPx !== null ? again : coded;
  const plane = cardPlane(size);
  const toPicture = homographyOf(plane, card.corners);
  const toPlane = toPicture && inverse(toPicture);
  if (!toPicture || !toPlane) return refuse('card-not-flat');
  const marksOff = order.marksMm ? worstMarkMm(pixels, toPicture, order.marksMm) : null;
  if (marksOff !== null && marksOff > GAP_LIMITS.marksOffMm) return refuse('card-not-flat');
  const line = order.seamPx.map(([x, y]) => mapped(toPlane, x, y));
  const reach = GAP_LIMITS.mostReach * hypot(...size);
  if (line.some((p) => p === null || hypot(p[0] - size[0] / 2, p[1] - size[1] / 2) > reach))
    return refuse('seam-off-plane');
  const drawn = line as Point[];
  const middle = drawn[floor(drawn.length / 2)]!;
  const stretch = stretchAt(toPicture, middle[0], middle[1]);
  if (!stretch) return refuse('seam-off-plane');
  // On the lens's axis a plane's picture is squeezed by just the cosine of its tilt.
  const facing = mapped(toPlane, (pixels.width - 1) / 2, (pixels.height - 1) / 2);
  const tiltDeg = tiltDegOf((facing && stretchAt(toPicture, facing[0], facing[1])) ?? stretch);
  const pxPerMm = meanStretch(stretch);
  if (tiltDeg > GAP_LIMITS.mostTiltDeg) return refuse('too-tilted');
  if (pxPerMm < GAP_LIMITS.leastPxPerMm) return refuse('too-coarse');
  if (card.blurPx !== null && card.blurPx > GAP_LIMITS.blurPx && card.blurPx / pxPerMm > GAP_LIMITS.blurMm)
    return refuse('blurred');
  onStage('slot');
  const first = seamStrip(pixels, toPicture, drawn, size, pxPerMm, LUMA);
  if (first.rows * first.rowMm < 2 * GAP_LIMITS.averageMm) return refuse('unreadable');
  const rough = slotAlong(first);
  const seen = rough.filter((p) => p !== null).length;
  if (seen < GAP_LIMITS.leastRead * rough.length) return refuse(looksBlurred(first, pxPerMm) ? 'blurred' : 'no-slot');
  // Again along the slot's own middle, in the channels that set it off best: the strip then runs straight.
  const channels = channelsFor(pixels, colourPlaces(first, rough, toPicture));
  const found = middleOf(first, rough);
  const strip = seamStrip(pixels, toPicture, found, size, pxPerMm, channels);
  const path = slotAlong(strip);
  onStage('edges');
  const scale = scaleErrors(plane, card.corners, card.cornerSePx);
  const fine = seamStrip(pixels, toPicture, found, size, pxPerMm, channels, tone);

  const stations = stationsOf(fine, path, stepMm, pxPerMm, scale, toPicture, (card.blurPx ?? 1) / pxPerMm / fine.colMm);
  if (stations.blurPx > GAP_LIMITS.blurPx && stations.blurPx / pxPerMm > GAP_LIMITS.blurMm) return refuse('blurred');
  const read = stations.list.filter((s) => s.widthMm !== null).length;
  if (read < GAP_LIMITS.leastStations || read < GAP_LIMITS.leastRead * stations.list.length) return refuse('no-slot');
  return {
    ok: true,
    pxPerMm,
    tiltDeg,
    reprojectionPx: card.residualPx ?? card.cornerSePx,
    stations: stations.list,
    warnings: [
      ...(tiltDeg > GAP_LIMITS.warnTiltDeg ? (['tilted'] as const) : []),
      ...(card.residualPx === null ? (['card-not-refined'] as const) : []),
    ],
    cardPx: card.corners,
    scaleShare: stations.scaleShare,
    strip,
    ...summarise(stations.list, stations.scaleShare),
  };
}

/** How far the worst of a card's inner marks lies from its place, mm; null when none of them is seen. */
function worstMarkMm(pixels: Pixels, toPicture: Homography, marks: readonly Point[]): number | null {
  const steps = 24;
  const found = marks.flatMap(([x, y]) => {
    const places = Array.from({ length: steps * steps }, (_, k) => {
      const [u, v] = [
        x + (((k % steps) + 0.5) / steps - 0.5) * GAP_LIMITS.markSearchMm,
        y + ((floor(k / steps) + 0.5) / steps - 0.5) * GAP_LIMITS.markSearchMm,
      ];
      const p = mapped(toPicture, u, v);
      return { u, v, light: p ? lightAt(pixels, p[0], p[1], LUMA) : Number.NaN };
    }).filter((p) => known(p.light));
    const lights = places.map((p) => p.light);
    const [dark, bright] = [min(...lights), max(...lights)];
    if (!(bright - dark > GAP_LIMITS.markContrast)) return [];
    let [su, sv, n] = [0, 0, 0];
    for (const p of places) {
      const w = max(0, (dark + bright) / 2 - p.light);
      su += w * p.u;
      sv += w * p.v;
      n += w;
    }
    return n > 0 ? [hypot(su / n - x, sv / n - y)] : [];
  });
  return found.length === 0 ? null : max(...found);
}

/** The slot's middle line on the plane, mm: at every row, averaged along some way; the drawn line where no slot was seen. */
function middleOf(strip: SeamStrip, path: readonly (SlotPair | null)[]): Point[] {
  const centre = (strip.cols - 1) / 2;
  const offs = path.map((p) => (p ? ((p.left + p.right) / 2 - centre) * strip.colMm : null));
  const reach = round(GAP_LIMITS.smoothMm / (COARSE_ROWS * strip.rowMm));
  return strip.at.map((p, row) => {
    const i = row / COARSE_ROWS;
    let [sum, weight] = [0, 0];
    for (let k = max(0, floor(i - reach)); k <= min(offs.length - 1, floor(i + reach) + 1); k++) {
      const off = offs[k];
      const w = 1 - abs(k - i) / (reach + 1);
      if (off === null || off === undefined || w <= 0) continue;
      sum += w * off;
      weight += w;
    }
    const t = weight > 0 ? sum / weight : 0;
    return [p.x + t * p.nx, p.y + t * p.ny] as const;
  });
}

/** Whether what little changes there are across the seam are as wide as blur makes them. */
function looksBlurred(strip: SeamStrip, pxPerMm: number): boolean {
  const profile = meanProfile(strip, 0, strip.rows);
  const slope = slopeOf(profile, 2);
  let best = 0;
  for (let k = 0; k < slope.length; k++) if (abs(slope[k]!) > abs(slope[best]!)) best = k;
  const range =
    profile.reduce((m, v) => (known(v) ? max(m, v) : m), 0) - profile.reduce((m, v) => (known(v) ? min(m, v) : m), 255);
  const sigmaPx = (0.5 * range) / (abs(slope[best]!) * sqrt(2 * Math.PI));
  return range > 4 * GAP_LIMITS.contrast && sigmaPx > GAP_LIMITS.blurPx && sigmaPx / pxPerMm > GAP_LIMITS.blurMm;
}

function colourPlaces(strip: SeamStrip, path: readonly (SlotPair | null)[], toPicture: Homography): GapStationEdges[] {
  const centre = (strip.cols - 1) / 2;
  return path.flatMap((pair, i) => {
    const p = strip.at[i * COARSE_ROWS];
    if (!pair || !p || i % 3 !== 0) return [];
    const on = (col: number) => {
      const t = (col - centre) * strip.colMm;
      return mapped(toPicture, p.x + t * p.nx, p.y + t * p.ny);
    };
    const out = 1.5 / strip.colMm;
    const [a, b, c] = [on((pair.left + pair.right) / 2), on(pair.left - out), on(pair.right + out)];
    return a && b && c ? [{ inside: a, outside: [b, c] as const }] : [];
  });
}

/** The share by which widths across a direction at a place are unsure, from the error of the card's corners. */
function scaleErrors(plane: readonly Point[], corners: readonly Point[], se: number) {
  const across = (h: Homography, x: number, y: number, nx: number, ny: number) => {
    const [p, q] = [mapped(h, x - nx, y - ny), mapped(h, x + nx, y + ny)];
    return p && q ? hypot(p[0] - q[0], p[1] - q[1]) : 0;
  };
  const base = homographyOf(plane, corners)!;
  const moved = corners.flatMap((_, i) =>
    [0, 1].flatMap((axis) => {
      const shifted = corners.map((c, k) =>
        k === i ? ([c[0] + (axis ? 0 : se), c[1] + (axis ? se : 0)] as const) : c,
      );
      const h = homographyOf(plane, shifted);
      return h ? [h] : [];
    }),
  );
  return (x: number, y: number, nx: number, ny: number) => {
    const b = across(base, x, y, nx, ny);
    return b === 0 ? 0 : sqrt(moved.reduce((s, h) => s + (across(h, x, y, nx, ny) / b - 1) ** 2, 0));
  };
}

/** A profile between its columns, linear. */
function valueAt(profile: Float64Array, at: number): number {
  const k = floor(at);
  const a = profile[k]!;
  return a + (at - k) * (profile[k + 1]! - a);
}

interface EdgeFound {
  readonly left: number;
  readonly right: number;
  readonly blurCols: number;
}

/** Median of a stretch of a profile; null where too little of it is known. */
function levelOf(profile: Float64Array, from: number, to: number): number | null {
  const values: number[] = [];
  for (let k = max(0, floor(from)); k <= min(profile.length - 1, floor(to)); k++)
    if (known(profile[k]!)) values.push(profile[k]!);
  if (values.length < 3) return null;
  return quantile(
    values.sort((p, q) => p - q),
    0.5,
  );
}

/**
 * An edge once more, half-way between the paint and the dark close behind the edge: a slot is often darker farther in, and
 * the trough alone would draw the edge inwards. Columns; the place it was given where light does not rise past it.
 */
function againstNearDark(profile: Float64Array, at: number, outwards: 1 | -1, lit: number, blurCols: number): number {
  const reach = max(1.5, GAP_LIMITS.darkBlurs * blurCols);
  const step = 0.25;
  let place = at;
  for (let round = 0; round < 4; round++) {
    const along = (d: number) => valueAt(profile, place + outwards * d);
    const half = (along(-reach) + lit) / 2;
    let nearest: number | null = null;
    for (let d = -reach; d < reach; d += step) {
      const [inner, outer] = [along(d), along(d + step)];
      if (!(inner < half && outer >= half)) continue;
      const off = d + (step * (half - inner)) / (outer - inner);
      if (nearest === null || abs(off) < abs(nearest)) nearest = off;
    }
    if (nearest === null) break;
    place += outwards * nearest;
  }
  return place;
}

/**
 * One edge of the slot, column to sub-pixel: from the dark behind it outwards, the place half-way up to the paint, where a
 * blurred edge has its middle; a line of light along the lip, brighter than the paint, does not draw it to itself.
 * `outwards` is −1 for the left edge.
 */
function edgeNear(
  profile: Float64Array,
  slope: Float64Array,
  at: number,
  outwards: 1 | -1,
  inMm: number,
  colMm: number,
  blurCols: number,
): { at: number; step: number; slope: number } | null {
  const mm = (v: number) => v / colMm;
  const paint =
    outwards === -1 ? levelOf(profile, at - mm(4), at - mm(1.2)) : levelOf(profile, at + mm(1.2), at + mm(4));
  if (paint === null) return null;
  let trough = -1;
  for (let d = 0; d <= mm(min(1.6, inMm * 0.45)); d++) {
    const k = round(at - outwards * d);
    if (k < 1 || k >= profile.length - 1) break;
    if (trough < 0 || profile[k]! < profile[trough]!) trough = k;
  }
  if (trough < 0) return null;
  const dark = profile[trough]!;
  const far = round(at + outwards * mm(1.2));
  let bright = dark;
  for (let k = trough; (far - k) * outwards >= 0 && k > 0 && k < profile.length; k += outwards)
    if (profile[k]! > bright) bright = profile[k]!;
  const lit = min(paint, bright);
  const half = dark + 0.5 * (lit - dark);
  if (!(half > dark)) return null;
  let k = trough;
  while ((far - k) * outwards > 0 && !(profile[k]! >= half)) k += outwards;
  const [inner, outer] = [profile[k - outwards]!, profile[k]!];
  if (!(outer >= half) || !(inner < half)) return null;
  const crossing = againstNearDark(profile, k - outwards * ((outer - half) / (outer - inner)), outwards, lit, blurCols);
  const steep = max(outwards * slope[k]!, outwards * slope[k - outwards]!);
  return steep > 0 ? { at: crossing, step: lit - dark, slope: steep } : null;
}

/** The two edges of an averaged profile near where they are expected. */
function edgesNear(
  profile: Float64Array,
  left: number,
  right: number,
  colMm: number,
  blurCols: number,
): EdgeFound | null {
  const slope = slopeOf(profile, 2);
  const inMm = (right - left) * colMm;
  const [l, r] = [
    edgeNear(profile, slope, left, -1, inMm, colMm, blurCols),
    edgeNear(profile, slope, right, 1, inMm, colMm, blurCols),
  ];
  if (!l || !r || r.at <= l.at) return null;
  const soft = (e: { step: number; slope: number }) => e.step / (e.slope * sqrt(2 * Math.PI));
  return { left: l.at, right: r.at, blurCols: min(soft(l), soft(r)) };
}

/** Rows in which edges are located by themselves, to tell how far they scatter. */
const PARTS = 4;

function stationsOf(
  strip: SeamStrip,
  path: readonly (SlotPair | null)[],
  stepMm: number,
  pxPerMm: number,
  scale: (x: number, y: number, nx: number, ny: number) => number,
  toPicture: Homography,
  blurCols: number,
): { list: GapStation[]; blurPx: number; scaleShare: number } {
  const half = round(GAP_LIMITS.averageMm / strip.rowMm);
  const middles = middleLine(path);
  const centre = (strip.cols - 1) / 2;
  const found: { row: number; widthMm: number; left: number; right: number; share: number; parts: number[] }[] = [];
  const lost: number[] = [];
  const blurs: number[] = [];
  const shares: number[] = [];
  for (let s = 0; s <= (strip.rows - 1) * strip.rowMm + 1e-9; s += stepMm) {
    const row = min(strip.rows - 1 - half, max(half, round(s / strip.rowMm)));
    const at = min(path.length - 1, round(row / COARSE_ROWS));
    const pair = path[at] ?? path[at - 1] ?? path[at + 1] ?? null;
    const line = middles(row);
    if (!pair || !line) {
      lost.push(s);
      continue;
    }
    const shift = (r: number) => line.slope * (r - row);
    const profile = meanProfile(strip, row - half, row + half, shift);
    const width = pair.right - pair.left;
    const edges = edgesNear(profile, line.at - width / 2, line.at + width / 2, strip.colMm, blurCols);
    if (!edges) {
      lost.push(s);
      continue;
    }
    // The drawn line crosses the seam a little askew: widths along its normal are longer than across the seam.
    const askew = cos(atan((line.slope * strip.colMm) / strip.rowMm));
    const parts: number[] = [];
    for (let k = 0; k < PARTS; k++) {
      const from = row - half + round((k * (2 * half + 1)) / PARTS);
      const to = row - half + round(((k + 1) * (2 * half + 1)) / PARTS) - 1;
      const part = edgesNear(
        meanProfile(strip, from, max(from, to), shift),
        edges.left,
        edges.right,
        strip.colMm,
        blurCols,
      );
      if (part) parts.push((part.right - part.left) * strip.colMm);
    }
    const p = strip.at[row]!;
    const share = scale(p.x, p.y, p.nx, p.ny);
    shares.push(share);
    blurs.push(edges.blurCols * strip.colMm * pxPerMm);
    found.push({
      row: s,
      widthMm: (edges.right - edges.left) * strip.colMm * askew,
      left: edges.left,
      right: edges.right,
      share,
      parts,
    });
  }
  const scatter = found.flatMap(({ parts }) => {
    if (parts.length < PARTS) return [];
    const mean = parts.reduce((a, b) => a + b, 0) / parts.length;
    return [parts.reduce((a, b) => a + (b - mean) ** 2, 0) / (parts.length - 1)];
  });
  scatter.sort((a, b) => a - b);
  // A chi-squared with three degrees of freedom has its median at 0.79 of its mean.
  const pooled = (quantile(scatter, 0.5) ?? 0) / 0.79;
  const noiseSe = sqrt(pooled / PARTS);
  const edgeSe =
    (hypot(GAP_LIMITS.edgePx, GAP_LIMITS.edgeBlurs * blurCols * strip.colMm * pxPerMm) * sqrt(2)) / pxPerMm;
  const outlying = outliers(found.map((f) => f.widthMm));
  const list: GapStation[] = found.map((f, i) => {
    if (outlying[i]) return { sMm: f.row, widthMm: null, refused: 'no-slot', edgesPx: null, columns: null };
    const sd = hypot(noiseSe, edgeSe, f.share * f.widthMm);
    const row = min(strip.rows - 1 - half, max(half, round(f.row / strip.rowMm)));
    const p = strip.at[row]!;
    const on = (col: number) => {
      const t = (col - centre) * strip.colMm;
      return mapped(toPicture, p.x + t * p.nx, p.y + t * p.ny)!;
    };
    return {
      sMm: f.row,
      widthMm: { value: f.widthMm, low: max(0, f.widthMm - Z_90 * sd), high: f.widthMm + Z_90 * sd, n: 2 * half + 1 },
      refused: null,
      edgesPx: [on(f.left), on(f.right)] as const,
      columns: [f.left, f.right] as const,
    };
  });
  for (const s of lost) list.push({ sMm: s, widthMm: null, refused: 'no-slot', edgesPx: null, columns: null });
  list.sort((a, b) => a.sMm - b.sMm);
  blurs.sort((a, b) => a - b);
  return {
    list,
    blurPx: quantile(blurs, 0.5) ?? 0,
    scaleShare: shares.length === 0 ? 0 : shares.reduce((a, b) => a + b, 0) / shares.length,
  };
}

/** The slot's middle at a row and its slope, columns per row: a line through the places within some reach. */
function middleLine(path: readonly (SlotPair | null)[]): (row: number) => { at: number; slope: number } | null {
  const reach = 8;
  return (row) => {
    const here = row / COARSE_ROWS;
    const near = path.flatMap((pair, i) =>
      pair && abs(i - here) <= reach ? [{ x: i * COARSE_ROWS - row, y: (pair.left + pair.right) / 2 }] : [],
    );
    if (near.length < 3) return null;
    // The median of slopes between points (Theil and Sen): a wild place does not turn it.
    const slopes = near.flatMap((p, i) =>
      near.slice(i + 1).flatMap((q) => (abs(q.x - p.x) >= 4 ? [(q.y - p.y) / (q.x - p.x)] : [])),
    );
    slopes.sort((a, b) => a - b);
    const slope = quantile(slopes, 0.5) ?? 0;
    const offsets = near.map((p) => p.y - slope * p.x).sort((a, b) => a - b);
    return { at: quantile(offsets, 0.5)!, slope };
  };
}

/** Stations that neither neighbour agrees with, against the spread that stations have from their neighbours' mean. */
function outliers(widths: readonly number[]): boolean[] {
  const off = widths.map((w, i) => {
    const beside = [widths[i - 2], widths[i - 1], widths[i + 1], widths[i + 2]].filter((v) => v !== undefined);
    const sorted = [...beside].sort((a, b) => a - b);
    return beside.length < 2 ? 0 : w - quantile(sorted, 0.5)!;
  });
  const spread =
    1.4826 *
    (quantile(
      off.map(abs).sort((a, b) => a - b),
      0.5,
    ) ?? 0);
  const limit = max(GAP_LIMITS.outlierMm, GAP_LIMITS.outlierSpread * spread);
  return off.map((d, i) => {
    if (abs(d) <= limit) return false;
    // A step has its own side's company.
    const [before, after] = [widths[i - 1], widths[i + 1]];
    const own = widths[i]!;
    return !(
      (before !== undefined && abs(own - before) < limit / 2) ||
      (after !== undefined && abs(own - after) < limit / 2)
    );
  });
}
