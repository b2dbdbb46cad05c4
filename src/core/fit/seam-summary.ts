import type { Estimate } from '../stats/estimate';
import { Z_90 } from '../stats/normal';
import { quantile } from '../stats/quantile';
import { studentQuantile } from '../stats/student';
import { GAP_LIMITS } from './gap-limits';

export interface SeamSummary {
  /** Mean gap along the seam, mm; null values without a station. */
  readonly meanMm: Estimate;
  /** Largest less smallest gap, mm. */
  readonly rangeMm: number;
  /** How much the gap widens along the seam, mm per 100 mm. */
  readonly taperMmPer100: Estimate;
  /** Places where the gap jumps and stays. */
  readonly steps: readonly { readonly sMm: number; readonly jumpMm: number }[];
}

interface Measured {
  readonly sMm: number;
  readonly widthMm: Estimate | null;
}

const NOTHING: Estimate = { value: null, low: null, high: null, n: 0 };

/** Slope and its standard error by least squares. */
function trend(points: readonly (readonly [s: number, w: number])[]): { slope: number; se: number; sd: number } {
  const n = points.length;
  const ms = points.reduce((t, p) => t + p[0], 0) / n;
  const mw = points.reduce((t, p) => t + p[1], 0) / n;
  const sxx = points.reduce((t, p) => t + (p[0] - ms) ** 2, 0);
  const slope = sxx === 0 ? 0 : points.reduce((t, p) => t + (p[0] - ms) * (p[1] - mw), 0) / sxx;
  const rest = points.reduce((t, p) => t + (p[1] - mw - slope * (p[0] - ms)) ** 2, 0);
  const sd = n > 2 ? Math.sqrt(rest / (n - 2)) : 0;
  return { slope, se: sxx === 0 ? 0 : sd / Math.sqrt(sxx), sd };
}

/** Median of slopes between all pairs (Theil; Sen, JASA 63, 1968). */
function medianSlope(points: readonly (readonly [number, number])[]): number {
  const slopes = points.flatMap((p, i) =>
    points.slice(i + 1).flatMap((q) => (q[0] === p[0] ? [] : [(q[1] - p[1]) / (q[0] - p[0])])),
  );
  slopes.sort((a, b) => a - b);
  return quantile(slopes, 0.5) ?? 0;
}

/** Lasting jumps of the widths less their taper: the medians either side of a place differ by more than the limit. */
function stepsOf(points: readonly (readonly [number, number])[], slope: number): SeamSummary['steps'] {
  const k = GAP_LIMITS.stepStations;
  const flat = points.map(([s, w]) => w - slope * s);
  const mid = (list: readonly number[]) =>
    quantile(
      [...list].sort((a, b) => a - b),
      0.5,
    )!;
  const jumps = points.slice(1).map(([s], i) => {
    const [before, after] = [flat.slice(Math.max(0, i + 1 - k), i + 1), flat.slice(i + 1, i + 1 + k)];
    const enough = before.length >= 2 && after.length >= 2;
    return { sMm: (points[i]![0] + s) / 2, jumpMm: enough ? mid(after) - mid(before) : 0, at: flat[i + 1]! - flat[i]! };
  });
  return jumps
    .filter((j, i) => {
      if (Math.abs(j.jumpMm) < GAP_LIMITS.stepJumpMm) return false;
      // Of neighbouring places the one where the width itself changes most.
      const near = jumps.slice(Math.max(0, i - k + 1), i + k);
      return near.every((o) => Math.abs(o.at) <= Math.abs(j.at));
    })
    .map(({ sMm, jumpMm }) => ({ sMm, jumpMm }));
}

/**
 * A seam's widths summed up: mean, range, taper and steps. `scaleShare` is the share by which all widths may be off
 * together; it does not average out. Intervals are 10 to 90 %.
 */
export function summarise(stations: readonly Measured[], scaleShare: number): SeamSummary {
  const read = stations.flatMap((s) => (s.widthMm?.value !== null && s.widthMm ? [{ s: s.sMm, e: s.widthMm }] : []));
  if (read.length === 0) return { meanMm: NOTHING, rangeMm: 0, taperMmPer100: NOTHING, steps: [] };
  const points = read.map(({ s, e }) => [s, e.value!] as const);
  const widths = points.map((p) => p[1]);
  const n = read.length;
  const mean = widths.reduce((t, w) => t + w, 0) / n;
  const own = read.map(({ e }) => (e.high! - e.low!) / (2 * Z_90));
  const all = scaleShare * mean;
  const alone = own.reduce((t, sd) => t + Math.max(0, sd * sd - all * all), 0) / n;
  // What edges are off by on one picture is much the same at every station: half of it is taken as shared.
  const meanSe = Math.hypot(all, Math.sqrt(alone / 2), Math.sqrt(alone / (2 * n)));
  const { se } = trend(points);
  const slope = medianSlope(points);
  const t = n > 2 ? studentQuantile(0.9, n - 2) : 0;
  return {
    meanMm: { value: mean, low: mean - Z_90 * meanSe, high: mean + Z_90 * meanSe, n },
    rangeMm: Math.max(...widths) - Math.min(...widths),
    taperMmPer100:
      n > 2 ? { value: 100 * slope, low: 100 * (slope - t * se), high: 100 * (slope + t * se), n } : { ...NOTHING, n },
    steps: stepsOf(points, slope),
  };
}
