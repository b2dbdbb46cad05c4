import type { Plan } from '../body/plan';
import type { Metal } from '../body/zone';
import type { Estimate } from '../stats/estimate';
import { normalCdf } from '../stats/normal';
import {
  type CensoredSample,
  type FilmFit,
  type FilmPrior,
  fitCensored,
  lnMedianMoments,
  logEvidence,
  medianEstimate,
  spreadEstimate,
} from './censored-fit';
import type { FilmReading } from './film-reading';
import { groupJobs } from './jobs';
import { type NextReading, nextReadings } from './next';
import { PAINT_STATES, type PaintProfile, type PaintState, SAMPLING, WEAK_FILM_PRIOR } from './profiles';

export interface ZonePaint {
  readonly zone: string;
  readonly n: number;
  readonly over: number;
  readonly none: number;
  readonly medianUm: Estimate;
  readonly spread: Estimate;
  /** Chances of each state under each school, summing to 1; null where there is nothing to judge by. */
  readonly state: Readonly<Record<string, Readonly<Record<PaintState, number>>>> | null;
  /** Which paint job the panel belongs to, 1 for the largest. */
  readonly job: number | null;
  readonly enough: boolean;
  /** How many readings the panel still lacks. */
  readonly lacks: number;
  /** The gauge cannot read this base metal. */
  readonly unreadable: boolean;
}

export interface Contrast {
  readonly zone: string;
  readonly twin: string;
  readonly ratio: Estimate;
  readonly p: number;
}

export interface PaintAnalysis {
  readonly baselineUm: Estimate;
  readonly zones: readonly ZonePaint[];
  readonly contrasts: readonly Contrast[];
  readonly next: readonly NextReading[];
}

export interface PaintInput {
  readonly readings: readonly FilmReading[];
  readonly profiles: readonly PaintProfile[];
  /** Plan of the car: gives areas, twins and base metals. Null when the style is not known. */
  readonly plan: Plan | null;
}

const NOTHING: Estimate = { value: null, low: null, high: null, n: 0 };

function asPrior(b: { medianUm: number; medianFactor: number; spread: number; spreadFactor: number }): FilmPrior {
  return {
    lnMedian: { mean: Math.log(b.medianUm), sd: Math.log(b.medianFactor) },
    lnSpread: { mean: Math.log(b.spread), sd: Math.log(b.spreadFactor) },
  };
}

const WEAK = asPrior(WEAK_FILM_PRIOR);

/** Whether a coating-thickness gauge can read on this base metal (ASTM D7091: magnetic on steel, eddy current on aluminium). */
export function gaugeCanRead(metal: Metal): boolean {
  return metal === 'steel' || metal === 'aluminium';
}

/** Readings a panel of that area needs before its median may be relied on. */
export function readingsNeeded(areaM2: number | null): number {
  if (areaM2 !== null && areaM2 < SAMPLING.smallBelowM2) return SAMPLING.forSmall;
  const extra =
    areaM2 === null ? 0 : Math.max(0, Math.ceil((areaM2 - SAMPLING.aboveM2) / SAMPLING.oneMorePerM2 - 1e-9));
  return SAMPLING.atLeast + extra;
}

/** The thicknesses of one zone's readings, ready for the censored fit. */
export function sampleOf(readings: readonly FilmReading[]): CensoredSample & { none: number } {
  const read = readings.filter((r) => r.state === 'read' && r.thicknessUm !== null);
  const over = readings.filter((r) => r.state === 'over' && r.thicknessUm !== null);
  return {
    readUm: read.map((r) => r.thicknessUm as number),
    overUm: over.map((r) => r.thicknessUm as number),
    none: readings.filter((r) => r.state === 'none').length,
  };
}

/** Chances of factory, resprayed, heavy and filled for one fitted zone under one school; they sum to 1. */
export function stateChances(fit: FilmFit, noneCount: number, profile: PaintProfile): Record<PaintState, number> {
  const logs = PAINT_STATES.map((s) => {
    const belief = profile.states[s];
    // Several silent points share one cause, so their ratio grows with the square root of their number.
    const silent = s === 'filled' ? Math.sqrt(noneCount) * Math.log(profile.noReadingRatio) : 0;
    return Math.log(belief.prior) + logEvidence(fit, asPrior(belief)) + silent;
  });
  const top = Math.max(...logs);
  const weights = logs.map((l) => Math.exp(l - top));
  const sum = weights.reduce((a, b) => a + b, 0);
  return Object.fromEntries(PAINT_STATES.map((s, i) => [s, weights[i]! / sum])) as Record<PaintState, number>;
}

function zonePaint(
  zone: string,
  readings: readonly FilmReading[],
  input: PaintInput,
): { paint: ZonePaint; fit: FilmFit | null } {
  const { none, ...sample } = sampleOf(readings);
  const planned = input.plan?.zones.get(zone) ?? null;
  const unreadable = planned !== null && !gaugeCanRead(planned.metal);
  const fit = fitCensored(sample, WEAK);
  const n = sample.readUm.length + sample.overUm.length;
  const lacks = unreadable ? 0 : Math.max(0, readingsNeeded(planned?.areaM2 ?? null) - n);
  const state =
    fit === null
      ? null
      : Object.fromEntries(input.profiles.map((p) => [p.id, stateChances(fit, unreadable ? 0 : none, p)]));
  const paint: ZonePaint = {
    zone,
    n,
    over: sample.overUm.length,
    none,
    medianUm: fit ? medianEstimate(fit, sample.overUm) : NOTHING,
    spread: fit ? spreadEstimate(fit) : NOTHING,
    state,
    job: null,
    enough: lacks === 0 && fit !== null,
    lacks,
    unreadable,
  };
  return { paint, fit };
}

function contrast(a: string, b: string, fits: ReadonlyMap<string, FilmFit>): Contrast | null {
  const [fa, fb] = [fits.get(a), fits.get(b)];
  if (!fa || !fb) return null;
  const [ma, mb] = [lnMedianMoments(fa), lnMedianMoments(fb)];
  const diff = ma.mean - mb.mean;
  const sd = Math.hypot(ma.sd, mb.sd);
  return {
    zone: a,
    twin: b,
    ratio: {
      value: Math.exp(diff),
      low: Math.exp(diff - 1.2816 * sd),
      high: Math.exp(diff + 1.2816 * sd),
      n: fa.n + fb.n,
    },
    p: sd === 0 ? 1 : Math.min(1, 2 * normalCdf(-Math.abs(diff) / sd)),
  };
}

/**
 * Judges the paint of a whole car from its readings: per zone the censored median and spread in µm with 10 and 90 %
 * points, the chance of each state under each school, the paint job it belongs to and whether the readings are enough;
 * the car's own level (the pooled median of the largest job), each panel against its twin, and where three more
 * readings would help most. Zones come in slug order. Refuses nothing: without readings everything is empty.
 */
export function analysePaint(input: PaintInput): PaintAnalysis {
  const byZone = new Map<string, FilmReading[]>();
  for (const r of input.readings) byZone.set(r.zone, [...(byZone.get(r.zone) ?? []), r]);
  const fits = new Map<string, FilmFit>();
  const bare: ZonePaint[] = [];
  for (const zone of [...byZone.keys()].sort()) {
    const { paint, fit } = zonePaint(zone, byZone.get(zone)!, input);
    if (fit) fits.set(zone, fit);
    bare.push(paint);
  }
  const jobs = groupJobs(
    [...fits].map(([zone, fit]) => ({
      zone,
      ...lnMedianMoments(fit),
      areaM2: input.plan?.zones.get(zone)?.areaM2 ?? 1,
    })),
  );
  const zones = bare.map((z) => ({ ...z, job: jobs.get(z.zone) ?? null }));
  return {
    baselineUm: baseline(zones, byZone),
    zones,
    contrasts: contrasts(input.plan, fits),
    next: nextReadings(zones, input),
  };
}

function baseline(zones: readonly ZonePaint[], byZone: ReadonlyMap<string, readonly FilmReading[]>): Estimate {
  const own = zones.filter((z) => z.job === 1).flatMap((z) => byZone.get(z.zone) ?? []);
  const sample = sampleOf(own);
  const fit = fitCensored(sample, WEAK);
  return fit ? medianEstimate(fit, sample.overUm) : NOTHING;
}

function contrasts(plan: Plan | null, fits: ReadonlyMap<string, FilmFit>): Contrast[] {
  const found: Contrast[] = [];
  for (const zone of fits.keys()) {
    const twin = plan ? plan.zones.get(zone)?.twin : zone.includes('.left') ? zone.replace('.left', '.right') : null;
    if (!twin || !zone.includes('.left')) continue;
    const c = contrast(zone, twin, fits);
    if (c) found.push(c);
  }
  return found;
}
