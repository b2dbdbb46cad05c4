import { type Homography, mapped, type Point } from '../image/homography';
import type { Pixels } from '../image/pixels';
import { AS_CODED, type Channels, lightAt, type Tone } from '../image/sample';
import { GAP_LIMITS } from './gap-limits';

/** A seam laid straight: one row every half millimetre along it, one column for every place across it. */
export interface SeamStrip {
  readonly rows: number;
  readonly cols: number;
  readonly rowMm: number;
  readonly colMm: number;
  /** Light 0 to 255, row by row; NaN outside the picture and on the card. */
  readonly light: Float64Array;
  /** Where the drawn line runs at each row and which way is across it, plane mm. */
  readonly at: readonly { readonly x: number; readonly y: number; readonly nx: number; readonly ny: number }[];
}

const { floor, hypot, round } = Math;
const { isFinite: known } = Number;

/** A polyline at even distances along it. */
export function evenlyAlong(line: readonly Point[], step: number): Point[] {
  const out: Point[] = [];
  let left = 0;
  for (let i = 1; i < line.length; i++) {
    const [a, b] = [line[i - 1]!, line[i]!];
    const length = hypot(b[0] - a[0], b[1] - a[1]);
    let d = left;
    for (; d <= length; d += step) out.push([a[0] + ((b[0] - a[0]) * d) / length, a[1] + ((b[1] - a[1]) * d) / length]);
    left = d - length;
  }
  return out;
}

/** A polyline's points averaged over their neighbours within a reach, so that a hand's corners do not turn the normal. */
function smoothed(line: readonly Point[], reach: number): Point[] {
  return line.map((_, i) => {
    const half = Math.min(reach, i, line.length - 1 - i);
    let [x, y] = [0, 0];
    for (let k = i - half; k <= i + half; k++) {
      x += line[k]![0];
      y += line[k]![1];
    }
    return [x / (2 * half + 1), y / (2 * half + 1)] as const;
  });
}

/**
 * The strip along a line drawn on the panel's plane (mm), `searchMm` to either side. Light on the card is left out.
 * `toPicture` takes plane mm to px, `card` is the card's size with its corner at the origin.
 */
export function seamStrip(
  pixels: Pixels,
  toPicture: Homography,
  line: readonly Point[],
  card: readonly [number, number],
  pxPerMm: number,
  channels: Channels,
  tone: Tone = AS_CODED,
): SeamStrip {
  const path = smoothed(evenlyAlong(line, GAP_LIMITS.rowMm), round(6 / GAP_LIMITS.rowMm));
  const colMm = 0.5 / pxPerMm;
  const cols = 2 * floor(GAP_LIMITS.searchMm / colMm) + 1;
  const at = path.map(([x, y], i) => {
    const [a, b] = [path[Math.max(0, i - 4)]!, path[Math.min(path.length - 1, i + 4)]!];
    const length = hypot(b[0] - a[0], b[1] - a[1]) || 1;
    return { x, y, nx: (b[1] - a[1]) / length, ny: -(b[0] - a[0]) / length };
  });
  const light = new Float64Array(at.length * cols);
  const margin = 1.2;
  for (const [r, p] of at.entries())
    for (let c = 0; c < cols; c++) {
      const t = (c - (cols - 1) / 2) * colMm;
      const [x, y] = [p.x + t * p.nx, p.y + t * p.ny];
      const onCard = x > -margin && x < card[0] + margin && y > -margin && y < card[1] + margin;
      const q = onCard ? null : mapped(toPicture, x, y);
      light[r * cols + c] = q ? lightAt(pixels, q[0], q[1], channels, tone) : Number.NaN;
    }
  return { rows: at.length, cols, rowMm: GAP_LIMITS.rowMm, colMm, light, at };
}

/** Mean profile over rows from one to another, each moved across by its shift in columns (linear between columns). */
export function meanProfile(
  strip: SeamStrip,
  from: number,
  to: number,
  shift: (row: number) => number = () => 0,
): Float64Array {
  const out = new Float64Array(strip.cols);
  const [first, last] = [Math.max(0, from), Math.min(strip.rows - 1, to)];
  for (let c = 0; c < strip.cols; c++) {
    let sum = 0;
    let n = 0;
    for (let r = first; r <= last; r++) {
      const k = c + shift(r);
      const k0 = floor(k);
      if (k0 < 0 || k0 + 1 >= strip.cols) continue;
      const a = strip.light[r * strip.cols + k0]!;
      const v = a + (k - k0) * (strip.light[r * strip.cols + k0 + 1]! - a);
      if (known(v)) {
        sum += v;
        n++;
      }
    }
    out[c] = n * 2 > last - first ? sum / n : Number.NaN;
  }
  return out;
}
