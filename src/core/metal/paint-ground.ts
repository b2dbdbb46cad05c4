import { Matrix, solve } from 'ml-matrix';
import type { LogLight } from '../image/log-light';
import type { Mask } from '../image/masked';
import { RUST_LIMITS } from './rust-limits';

/** The paint's own light and colour, place by place, and how much each varies that is no rust. */
export interface PaintGround {
  readonly light: Float32Array;
  readonly redness: Float32Array;
  readonly yellowness: Float32Array;
  /** Standard deviations: of light, and of the two colours. */
  readonly spread: { readonly light: number; readonly redness: number; readonly yellowness: number };
}

/** Every which pixel of a cell is looked at, along and across, and every which of the picture for the spread. */
const [STEP_PX, SPREAD_EACH] = [3, 37] as const;
/** A panel whose colour lies within this square of logarithms of rust's is as brown as rust. */
const LIKE_RUST = 0.5;
/** Within so many standard deviations lies a quarter of a normal. */
const NEAREST_QUARTER = 0.3186;
const CHANNELS = ['light', 'redness', 'yellowness'] as const;
type Channel = (typeof CHANNELS)[number];
const { floor, max, min, sqrt, abs } = Math;

/** The most common colour of the panel: the fullest cell of a coarse histogram, and the mean of what lies in and round it. */
function commonColour(l: LogLight, inside: Mask): { redness: number; yellowness: number } {
  const [low, step, n] = [-3, 0.12, 60] as const;
  const counts = new Float32Array(n * n);
  const cell = (v: number) => min(n - 1, max(0, floor((v - low) / step)));
  for (let i = 0; i < inside.length; i += 3)
    if (inside[i] !== 0) counts[cell(l.yellowness[i]!) * n + cell(l.redness[i]!)]!++;
  let [best, most] = [0, -1];
  for (let y = 1; y < n - 1; y++)
    for (let x = 1; x < n - 1; x++) {
      let sum = 0;
      for (let dy = -1; dy <= 1; dy++) for (let dx = -1; dx <= 1; dx++) sum += counts[(y + dy) * n + x + dx]!;
      if (sum > most) [best, most] = [y * n + x, sum];
    }
  return { redness: low + ((best % n) + 0.5) * step, yellowness: low + (floor(best / n) + 0.5) * step };
}

/** Medians of each cell over the pixels that are paint rather than rust; NaN where too few are. */
function cellMedians(
  l: LogLight,
  inside: Mask,
  cols: number,
  rows: number,
): { readonly cells: Record<Channel, Float32Array>; readonly likeRust: boolean } {
  const { cellPx, redness: rustRed, yellowness: rustYellow } = RUST_LIMITS;
  const common = commonColour(l, inside);
  // Midway between the panel's colour and rust's; a panel as brown as rust keeps all of its pixels.
  const towards = [rustRed[0] - common.redness, rustYellow[0] - common.yellowness] as const;
  const apart = towards[0] ** 2 + towards[1] ** 2;
  const out = Object.fromEntries(CHANNELS.map((c) => [c, new Float32Array(cols * rows).fill(Number.NaN)])) as Record<
    Channel,
    Float32Array
  >;
  const room = Math.ceil(cellPx / STEP_PX) ** 2;
  const kept = {
    light: new Float32Array(room),
    redness: new Float32Array(room),
    yellowness: new Float32Array(room),
  };
  for (let cy = 0; cy < rows; cy++)
    for (let cx = 0; cx < cols; cx++) {
      let [looked, n] = [0, 0];
      for (let y = cy * cellPx; y < min(l.height, (cy + 1) * cellPx); y += STEP_PX)
        for (let x = cx * cellPx; x < min(l.width, (cx + 1) * cellPx); x += STEP_PX) {
          const at = y * l.width + x;
          if (inside[at] === 0) continue;
          looked++;
          const [r, g] = [l.redness[at]!, l.yellowness[at]!];
          const along = (r - common.redness) * towards[0] + (g - common.yellowness) * towards[1];
          if (apart > LIKE_RUST && along > 0.4 * apart) continue;
          kept.light[n] = l.light[at]!;
          kept.redness[n] = r;
          kept.yellowness[n++] = g;
        }
      if (n < max(12, 0.2 * looked)) continue;
      for (const c of CHANNELS) out[c][cy * cols + cx] = kept[c].subarray(0, n).sort()[floor(n / 2)]!;
    }
  return { cells: out, likeRust: apart <= LIKE_RUST };
}

/** Cells without paint to see take the mean of their neighbours, as often as it takes; then each is smoothed a little. */
function filled(values: Float32Array, cols: number, rows: number): Float32Array {
  let now = values;
  const mean = (from: Float32Array, x: number, y: number) => {
    let [sum, n] = [0, 0];
    for (let dy = -1; dy <= 1; dy++)
      for (let dx = -1; dx <= 1; dx++) {
        const [u, v] = [x + dx, y + dy];
        const value = u < 0 || v < 0 || u >= cols || v >= rows ? Number.NaN : from[v * cols + u]!;
        if (Number.isNaN(value)) continue;
        sum += value;
        n++;
      }
    return n === 0 ? Number.NaN : sum / n;
  };
  for (let turn = 0; turn < cols + rows && now.some((v) => Number.isNaN(v)); turn++)
    now = Float32Array.from(now, (v, i) => (Number.isNaN(v) ? mean(now, i % cols, floor(i / cols)) : v));
  return Float32Array.from(now, (_, i) => mean(now, i % cols, floor(i / cols)));
}

/** How far a cell's light may lie from the smooth course of the light over the panel, logarithm; and turns of fitting. */
const [OFF_SLOPE, TURNS] = [0.4, 6] as const;

/**
 * Cells that are darker or brighter than light that falls smoothly over the panel makes them: mostly rust where rust is of
 * the paint's own colour. A surface of second order, fitted again and again with far cells counting less (Tukey's biweight).
 */
function offTheSlope(light: Float32Array, cols: number, rows: number): number[] {
  const known = [...light.keys()].filter((i) => !Number.isNaN(light[i]!));
  if (known.length < 12) return [];
  const terms = (i: number) => {
    const [u, v] = [(i % cols) / cols - 0.5, floor(i / cols) / rows - 0.5];
    return [1, u, v, u * u, u * v, v * v];
  };
  let weights = known.map(() => 1);
  let off = known.map(() => 0);
  for (let turn = 0; turn < TURNS; turn++) {
    const x = new Matrix(known.map((i, k) => terms(i).map((t) => t * weights[k]!)));
    const y = Matrix.columnVector(known.map((i, k) => light[i]! * weights[k]!));
    const fitted = solve(x, y, true);
    off = known.map((i) => light[i]! - terms(i).reduce((s, t, k) => s + t * fitted.get(k, 0), 0));
    const reach = 3 * max(0.08, 1.4826 * [...off].map(abs).sort((a, b) => a - b)[floor(off.length / 2)]!);
    weights = off.map((o) => max(0.001, 1 - (o / reach) ** 2));
  }
  return known.filter((_, k) => abs(off[k]!) > OFF_SLOPE);
}

/** Cells as a value for every pixel, bilinear between their middles. */
function spreadOut(cells: Float32Array, cols: number, rows: number, width: number, height: number): Float32Array {
  const { cellPx } = RUST_LIMITS;
  const out = new Float32Array(width * height);
  for (let y = 0; y < height; y++) {
    const v = min(rows - 1, max(0, (y + 0.5) / cellPx - 0.5));
    const [y0, fy] = [floor(v), v - floor(v)];
    const y1 = min(rows - 1, y0 + 1);
    for (let x = 0; x < width; x++) {
      const u = min(cols - 1, max(0, (x + 0.5) / cellPx - 0.5));
      const [x0, fx] = [floor(u), u - floor(u)];
      const x1 = min(cols - 1, x0 + 1);
      const top = cells[y0 * cols + x0]! * (1 - fx) + cells[y0 * cols + x1]! * fx;
      const low = cells[y1 * cols + x0]! * (1 - fx) + cells[y1 * cols + x1]! * fx;
      out[y * width + x] = top * (1 - fy) + low * fy;
    }
  }
  return out;
}

/** A standard deviation by the quarter of the panel that lies nearest to the ground: rust up to the half does not count. */
function spreadAbout(values: Float32Array, ground: Float32Array, inside: Mask): number {
  const off = new Float32Array(Math.ceil(values.length / SPREAD_EACH));
  let n = 0;
  for (let i = 0; i < values.length; i += SPREAD_EACH) if (inside[i] !== 0) off[n++] = abs(values[i]! - ground[i]!);
  return (off.subarray(0, n).sort()[floor(n / 4)] ?? 0) / NEAREST_QUARTER;
}

/** What the panel would look like without rust: its light and colour followed over it, uneven as they fall. */
export function paintGround(l: LogLight, inside: Mask): PaintGround {
  const { cellPx, paintChroma, paintLight } = RUST_LIMITS;
  const [cols, rows] = [Math.ceil(l.width / cellPx), Math.ceil(l.height / cellPx)];
  const { cells, likeRust } = cellMedians(l, inside, cols, rows);
  const odd = likeRust ? offTheSlope(cells.light, cols, rows) : [];
  for (const c of CHANNELS) for (const i of odd) cells[c][i] = Number.NaN;
  const over = (c: Channel) => spreadOut(filled(cells[c], cols, rows), cols, rows, l.width, l.height);
  const ground = { light: over('light'), redness: over('redness'), yellowness: over('yellowness') };
  const beside = (c: Channel, own: number) => sqrt(spreadAbout(l[c], ground[c], inside) ** 2 + own ** 2);
  return {
    ...ground,
    spread: {
      light: beside('light', paintLight),
      redness: beside('redness', paintChroma),
      yellowness: beside('yellowness', paintChroma),
    },
  };
}
