import { type Grey, greyOf, type Patch, type Pixels } from '../image/pixels';
import type { Estimate } from '../stats/estimate';
import { quantile } from '../stats/quantile';
import { seeded } from '../stats/random';
import { WAVES_LIMITS, type WavesRefusal } from './limits';
import { gaussianLowPass, withoutShape } from './profile-filter';

/** One edge of a reflected stripe, followed: px of the photograph, along the stripe. */
export type TracedEdge = readonly (readonly [x: number, y: number])[];

export type Waves =
  | {
      readonly ok: true;
      /** Root mean square of the stripes' bending in mm at the panel, waves below 10 mm and 10 to 100 mm long. */
      readonly shortMm: Estimate;
      readonly longMm: Estimate;
      readonly edges: readonly TracedEdge[];
      readonly pxPerMm: number;
    }
  | { readonly ok: false; readonly reason: WavesRefusal };

/** Taken out of their object once: looking them up pixel by pixel costs more than they do. */
const { abs, ceil, floor, max, min, round, sqrt } = Math;

const RESAMPLES = 200;

/**
 * How wavy a panel is by the reflection of a board with straight, even stripes: each stripe's edges are followed across
 * the stretch to sub-pixel, the panel's own smooth curve (order 3) is taken off, and what is left is split by the Gaussian
 * profile filter at 10 and 100 mm; root mean square over all edges, 10 and 90 % points by resampling
 * pieces of the stretch (what the next hand's breadth of the panel might show). A comparison
 * within one car and one set-up, never an absolute measure. Refuses stretches outside the photograph, too short, too
 * coarse, burnt out, without stripes, or out of focus.
 * `lengthMm`: how much of the panel the stretch covers along the stripes.
 */
export function wavesOf(pixels: Pixels, stretch: Patch, lengthMm: number): Waves {
  const part = {
    x: round(stretch.x),
    y: round(stretch.y),
    width: round(stretch.width),
    height: round(stretch.height),
  };
  const refuse = (reason: WavesRefusal): Waves => ({ ok: false, reason });
  if (part.x < 0 || part.y < 0 || part.x + part.width > pixels.width || part.y + part.height > pixels.height)
    return refuse('outside');
  if (lengthMm < WAVES_LIMITS.leastLengthMm) return refuse('too-short');
  if (part.width < 8 || part.height < 8) return refuse('too-coarse');
  const straight = greyOf(pixels, part);
  if (clippedShare(straight) > WAVES_LIMITS.clippedShare) return refuse('burnt-out');
  const turned = stripesStand(straight);
  const grey = turned ? transposed(straight) : straight;
  const start = startOf(grey);
  if (!start) return refuse('no-stripes');
  const pxPerMm = grey.width / lengthMm;
  if (pxPerMm < WAVES_LIMITS.leastPxPerMm) return refuse('too-coarse');
  if (start.pitch < WAVES_LIMITS.leastPitchPx) return refuse('too-coarse');
  if (start.softness > WAVES_LIMITS.softest) return refuse('blurred');
  const edges = start.edges
    .map((e) => follow(grey, start, e))
    .filter((e) => e.length >= WAVES_LIMITS.leastShare * grey.width);
  if (edges.length < WAVES_LIMITS.leastEdges) return refuse('no-stripes');
  const blocks = blocksOf(edges, pxPerMm, grey.width);
  return {
    ok: true,
    shortMm: rootMeanSquare(blocks, 'short', edges.length),
    longMm: rootMeanSquare(blocks, 'long', edges.length),
    edges: edges.map(
      (e): TracedEdge => e.map(([x, y]) => (turned ? [part.x + y, part.y + x] : [part.x + x, part.y + y])),
    ),
    pxPerMm,
  };
}

function clippedShare({ data }: Grey): number {
  let n = 0;
  for (const v of data) if (v >= WAVES_LIMITS.burnt || v <= 255 - WAVES_LIMITS.burnt) n++;
  return n / data.length;
}

/** Whether the stripes stand upright: the picture then changes more from left to right than from top to bottom. */
function stripesStand({ data, width, height }: Grey): boolean {
  let [across, down] = [0, 0];
  for (let y = 1; y < height; y += 2)
    for (let x = 1; x < width; x += 2) {
      const at = y * width + x;
      across += (data[at]! - data[at - 1]!) ** 2;
      down += (data[at]! - data[at - width]!) ** 2;
    }
  return across > down;
}

function transposed({ data, width, height }: Grey): Grey {
  const out = new Float32Array(data.length);
  for (let y = 0; y < height; y++) for (let x = 0; x < width; x++) out[x * height + y] = data[y * width + x]!;
  return { data: out, width: height, height: width };
}

interface Start {
  readonly x: number;
  readonly pitch: number;
  readonly softness: number;
  /** Light that parts dark from bright, by column. */
  readonly edges: readonly { readonly y: number; readonly rising: boolean }[];
}

/** A column, averaged with its neighbours. */
function columnAt({ data, width, height }: Grey, x: number, half: number): Float32Array {
  const out = new Float32Array(height);
  const [from, to] = [max(0, x - half), min(width - 1, x + half)];
  for (let y = 0; y < height; y++) {
    let sum = 0;
    for (let i = from; i <= to; i++) sum += data[y * width + i]!;
    out[y] = sum / (to - from + 1);
  }
  return out;
}

/** Mean of the darkest and brightest light within a window round each place: where a stripe's edge is crossed. */
function middle(column: Float32Array, reach: number): { level: Float32Array; range: Float32Array } {
  const n = column.length;
  const level = new Float32Array(n);
  const range = new Float32Array(n);
  for (let y = 0; y < n; y++) {
    let [low, high] = [255, 0];
    for (let i = max(0, y - reach); i <= min(n - 1, y + reach); i++) {
      low = min(low, column[i]!);
      high = max(high, column[i]!);
    }
    level[y] = (low + high) / 2;
    range[y] = high - low;
  }
  return { level, range };
}

function crossings(column: Float32Array, reach: number): { y: number; rising: boolean; range: number }[] {
  const { level, range } = middle(column, reach);
  const found: { y: number; rising: boolean; range: number }[] = [];
  for (let y = 1; y < column.length; y++) {
    const [a, b] = [column[y - 1]! - level[y - 1]!, column[y]! - level[y]!];
    if (a < 0 === b < 0 || range[y]! < WAVES_LIMITS.contrast) continue;
    found.push({ y: y - 1 + a / (a - b), rising: b > a, range: range[y]! });
  }
  return found;
}

/** Where to start: the column among several with the most edges, its pitch and how soft its edges are. */
function startOf(grey: Grey): Start | null {
  let best: Start | null = null;
  for (const share of [0.5, 0.35, 0.65, 0.2, 0.8]) {
    const x = round(share * grey.width);
    const column = columnAt(grey, x, 2);
    const rough = crossings(column, max(8, round(grey.height / 6)));
    if (rough.length < WAVES_LIMITS.leastEdges) continue;
    const gaps = rough.slice(2).map((e, i) => e.y - rough[i]!.y);
    const pitch = quantile(
      [...gaps].sort((a, b) => a - b),
      0.5,
    )!;
    const edges = crossings(column, round(pitch));
    if (edges.length < WAVES_LIMITS.leastEdges || (best && edges.length <= best.edges.length)) continue;
    best = { x, pitch, edges, softness: softnessOf(column, edges, pitch) };
  }
  return best;
}

/** Length of an edge from 20 to 80 % of its height as a share of the pitch; median over the edges. */
function softnessOf(column: Float32Array, edges: readonly { y: number; range: number }[], pitch: number): number {
  const soft = edges.map(({ y, range }) => {
    const [a, b] = [max(0, floor(y)), min(column.length - 1, floor(y) + 1)];
    const slope = abs(column[b]! - column[a]!);
    return slope < 1e-6 ? 1 : (0.6 * range) / slope / pitch;
  });
  return quantile(
    soft.sort((a, b) => a - b),
    0.5,
  )!;
}

/** One edge followed from its start to both sides, as far as it goes on without a jump. */
function follow(grey: Grey, start: Start, edge: { y: number; rising: boolean }): [number, number][] {
  const half = (by: 1 | -1) => {
    const out: [number, number][] = [];
    let [y, slope, lost] = [edge.y, 0, 0];
    for (let x = start.x + (by === 1 ? 0 : -1); x >= 0 && x < grey.width; x += by) {
      const seen = crossingNear(grey, x, y + slope, start.pitch, edge.rising);
      if (seen === null) {
        if (++lost > WAVES_LIMITS.bridgePx) break;
        y += slope;
        continue;
      }
      lost = 0;
      slope = 0.8 * slope + 0.2 * (seen - y);
      y = seen;
      out.push([x, y]);
    }
    return out;
  };
  return [...half(-1).reverse(), ...half(1)];
}

/** The crossing of a stripe's edge nearest to a foretold place in one column; null when there is none near enough. */
function crossingNear(
  { data, width, height }: Grey,
  x: number,
  y: number,
  pitch: number,
  rising: boolean,
): number | null {
  const reach = round(pitch * 0.6);
  const [from, to] = [max(0, floor(y) - reach), min(height - 1, ceil(y) + reach)];
  let [low, high] = [255, 0];
  for (let i = from; i <= to; i++) {
    const v = data[i * width + x]!;
    low = min(low, v);
    high = max(high, v);
  }
  if (high - low < WAVES_LIMITS.contrast) return null;
  const level = (low + high) / 2;
  let best: number | null = null;
  for (let i = from + 1; i <= to; i++) {
    const [a, b] = [data[(i - 1) * width + x]! - level, data[i * width + x]! - level];
    if (a < 0 === b < 0 || b > a !== rising) continue;
    const at = i - 1 + a / (a - b);
    if (best === null || abs(at - y) < abs(best - y)) best = at;
  }
  return best !== null && abs(best - y) <= WAVES_LIMITS.jump * pitch ? best : null;
}

/** Sums of squares of all edges' bending in the two bands, mm², by stretches of the panel along the stripes. */
function blocksOf(edges: readonly (readonly [number, number])[][], pxPerMm: number, columns: number): Block[] {
  const count = max(WAVES_LIMITS.leastBlocks, round(columns / pxPerMm / WAVES_LIMITS.blockMm));
  const blocks = Array.from({ length: count }, () => ({ n: 0, short: 0, long: 0 }));
  const step = 1 / pxPerMm;
  for (const edge of edges) {
    const bent = withoutShape(
      evenly(edge).map((v) => v * step),
      WAVES_LIMITS.shapeOrder,
    );
    const upToLong = gaussianLowPass(bent, step, WAVES_LIMITS.longUpToMm);
    const upToShort = gaussianLowPass(bent, step, WAVES_LIMITS.shortUpToMm);
    const first = edge[0]![0];
    for (let i = 0; i < bent.length; i++) {
      const block = blocks[min(count - 1, floor(((first + i) * count) / columns))]!;
      block.n++;
      block.short += (bent[i]! - upToShort[i]!) ** 2;
      block.long += (upToShort[i]! - upToLong[i]!) ** 2;
    }
  }
  return blocks.filter((block) => block.n > 0);
}

interface Block {
  n: number;
  short: number;
  long: number;
}

/** The edge at every column, bridged over those without. */
function evenly(edge: readonly (readonly [number, number])[]): number[] {
  const out: number[] = [];
  for (const [i, [x, y]] of edge.entries()) {
    const before = edge[i - 1];
    for (let k = before ? before[0] + 1 : x; k < x; k++)
      out.push(before![1] + ((y - before![1]) * (k - before![0])) / (x - before![0]));
    out.push(y);
  }
  return out;
}

function rootMeanSquare(blocks: readonly Block[], band: 'short' | 'long', edges: number): Estimate {
  const of = (list: readonly Block[]) =>
    sqrt(list.reduce((s, b) => s + b[band], 0) / list.reduce((s, b) => s + b.n, 0));
  const random = seeded(1);
  const draws = Array.from({ length: RESAMPLES }, () =>
    of(blocks.map(() => blocks[floor(random() * blocks.length)]!)),
  ).sort((a, b) => a - b);
  return { value: of(blocks), low: quantile(draws, 0.1)!, high: quantile(draws, 0.9)!, n: edges };
}
