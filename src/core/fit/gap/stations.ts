import { type Homography, mapped } from '../../image/homography';
import { Z_90 } from '../../stats/normal';
import { quantile } from '../../stats/quantile';
import { GAP_LIMITS } from '../gap-limits';
import { meanProfile, type SeamStrip } from '../seam-strip';
import { COARSE_ROWS, type SlotPair } from '../slot';
import { edgesNear } from './edges';
import { middleLine } from './middle';
import type { GapStation } from './order';

const { abs, atan, cos, hypot, max, min, round, sqrt } = Math;

/** Rows in which edges are located by themselves, to tell how far they scatter. */
const PARTS = 4;

export function stationsOf(
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
    const parts = partsOf(strip, { row, half, shift, edges, blurCols });
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
  const noiseSe = noiseOf(found.map((f) => f.parts));
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

/** Widths that parts of a station's rows show by themselves, mm; fewer than asked where a part shows no edges. */
function partsOf(
  strip: SeamStrip,
  {
    row,
    half,
    shift,
    edges,
    blurCols,
  }: {
    readonly row: number;
    readonly half: number;
    readonly shift: (row: number) => number;
    readonly edges: { readonly left: number; readonly right: number };
    readonly blurCols: number;
  },
): number[] {
  const parts: number[] = [];
  for (let k = 0; k < PARTS; k++) {
    const from = row - half + round((k * (2 * half + 1)) / PARTS);
    const to = row - half + round(((k + 1) * (2 * half + 1)) / PARTS) - 1;
    const profile = meanProfile(strip, from, max(from, to), shift);
    const part = edgesNear(profile, edges.left, edges.right, strip.colMm, blurCols);
    if (part) parts.push((part.right - part.left) * strip.colMm);
  }
  return parts;
}

/** A chi-squared with three degrees of freedom has its median at so much of its mean. */
const MEDIAN_OF_MEAN = 0.79;

/** Standard error of a station's width by how its parts scatter, pooled over all stations, mm. */
function noiseOf(stations: readonly (readonly number[])[]): number {
  const scatter = stations.flatMap((parts) => {
    if (parts.length < PARTS) return [];
    const mean = parts.reduce((a, b) => a + b, 0) / parts.length;
    return [parts.reduce((a, b) => a + (b - mean) ** 2, 0) / (parts.length - 1)];
  });
  scatter.sort((a, b) => a - b);
  return sqrt((quantile(scatter, 0.5) ?? 0) / MEDIAN_OF_MEAN / PARTS);
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
