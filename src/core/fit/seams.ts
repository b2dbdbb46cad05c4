import type { BodyOf } from '../kinds';
import type { Estimate } from '../stats/estimate';
import { Z_90 } from '../stats/normal';
import { RIGID_LIMITS } from './rigid-limits';
import { type SeamSummary, summarise } from './seam-summary';
import { type Tolerance, toleranceFor } from './tolerances';

export interface SeamStation {
  readonly sMm: number;
  readonly gap: Estimate | null;
  readonly flushMm: number | null;
  readonly flushSeMm: number;
}

export interface SeamFit extends SeamSummary {
  readonly seam: string;
  readonly nominalMm: number;
  readonly goodMm: number;
  readonly flushGoodMm: number;
  readonly stations: readonly SeamStation[];
  /** 100 for a seam of one width, 0 for one that varies by as much as the tolerance. */
  readonly evenness: number | null;
  /** Share of its places within the tolerance of its era. */
  readonly within: number | null;
  readonly worstFlushMm: number | null;
}

type Station = BodyOf<'gap'>['stations'][number];
type Stretch = readonly [from: number, to: number];

/** The stretch of a seam that a record speaks of, mm: between its places, and half a step beyond. */
function stretchOf(g: BodyOf<'gap'>, places: readonly number[], lengthMm: number): Stretch {
  const [first, last] = [Math.min(...places), Math.max(...places)];
  // Typed figures are spread over the whole seam; a picture shows a piece of it.
  const step = g.by === 'photo' ? (last - first) / Math.max(1, places.length - 1) : lengthMm / places.length;
  return [first - step / 2, last + step / 2];
}

/**
 * What is true of a seam now: of several records the latest, by instant, at each place. What was measured before an
 * adjustment counts no more where it was measured again; elsewhere it stands. Gap and flushness each for themselves.
 */
function latestStations(gaps: readonly BodyOf<'gap'>[], lengthMm: number): Station[] {
  const covered = { gapMm: [] as Stretch[], flushMm: [] as Stretch[] };
  const newestFirst = gaps
    .map((g, i) => ({ g, i }))
    .sort((a, b) => Date.parse(b.g.at) - Date.parse(a.g.at) || b.i - a.i);
  return newestFirst.flatMap(({ g }) => {
    const taken = g.stations.filter((s) => s.touched !== 'dropped' && (s.gapMm !== null || s.flushMm !== null));
    const news = { ...covered };
    for (const what of ['gapMm', 'flushMm'] as const) {
      const places = taken.filter((s) => s[what] !== null).map((s) => s.sMm);
      if (places.length > 0) news[what] = [...covered[what], stretchOf(g, places, lengthMm)];
    }
    const free = (what: 'gapMm' | 'flushMm', s: Station) =>
      s[what] !== null && !covered[what].some(([from, to]) => from <= s.sMm && s.sMm <= to);
    const left = taken
      .map((s) => ({ ...s, gapMm: free('gapMm', s) ? s.gapMm : null, flushMm: free('flushMm', s) ? s.flushMm : null }))
      .filter((s) => s.gapMm !== null || s.flushMm !== null);
    covered.gapMm = news.gapMm;
    covered.flushMm = news.flushMm;
    return left;
  });
}

/** What was measured along a seam, by place, as it is true now. */
export function stationsOf(gaps: readonly BodyOf<'gap'>[], lengthMm: number): SeamStation[] {
  return latestStations(gaps, lengthMm)
    .map((s) => {
      const se = s.gapSeMm ?? RIGID_LIMITS.typedSeMm;
      return {
        sMm: s.sMm,
        gap:
          s.gapMm === null
            ? null
            : { value: s.gapMm, low: Math.max(0, s.gapMm - Z_90 * se), high: s.gapMm + Z_90 * se, n: 1 },
        flushMm: s.flushMm,
        flushSeMm: s.flushSeMm ?? RIGID_LIMITS.typedSeMm,
      };
    })
    .sort((a, b) => a.sMm - b.sMm);
}

/** A seam's widths as measured on one picture, summed up against a tolerance, for showing before they are kept. */
export function seamStations(
  stations: readonly { readonly sMm: number; readonly widthMm: Estimate | null }[],
  tolerance: Tolerance = toleranceFor({ year: null }),
): SeamFit {
  const placed = stations.map((s) => ({ sMm: s.sMm, gap: s.widthMm, flushMm: null, flushSeMm: 0 }));
  return seamFit('', placed, tolerance);
}

/** One seam against its tolerance. */
export function seamFit(seam: string, stations: readonly SeamStation[], tolerance: Tolerance): SeamFit {
  const summary = summarise(
    stations.map((s) => ({ sMm: s.sMm, widthMm: s.gap })),
    0,
  );
  const widths = stations.flatMap((s) => (s.gap ? [s.gap.value!] : []));
  const mean = summary.meanMm.value ?? 0;
  const sd = Math.sqrt(widths.reduce((t, w) => t + (w - mean) ** 2, 0) / (widths.length || 1));
  const flush = stations.flatMap((s) => (s.flushMm === null ? [] : [s.flushMm]));
  return {
    ...summary,
    seam,
    nominalMm: tolerance.nominalMm,
    goodMm: tolerance.goodMm,
    flushGoodMm: tolerance.flushMm,
    stations,
    evenness: widths.length < 2 ? null : 100 * (1 - Math.min(1, sd / tolerance.goodMm)),
    within:
      widths.length === 0
        ? null
        : widths.filter((w) => Math.abs(w - tolerance.nominalMm) <= tolerance.goodMm).length / widths.length,
    worstFlushMm: flush.length === 0 ? null : flush.reduce((a, b) => (Math.abs(b) > Math.abs(a) ? b : a)),
  };
}

/** Seams by how little of them is within tolerance, then by how uneven they are. */
export function worstFirst(seams: readonly SeamFit[]): SeamFit[] {
  return [...seams].sort((a, b) => (a.within ?? 1) - (b.within ?? 1) || (a.evenness ?? 100) - (b.evenness ?? 100));
}

/** Places along a seam at which so many typed figures were measured: even, clear of the ends; mm. */
export function notches(lengthMm: number, count: number): number[] {
  return Array.from({ length: count }, (_, i) => Math.round(((i + 0.5) * lengthMm) / count));
}
