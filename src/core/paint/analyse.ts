import type { Plan } from '../body/plan';
import type { Metal } from '../body/zone';
import type { Estimate } from '../stats/estimate';
import { kaplanMeier, kaplanMeierMedian, shareAbove } from '../stats/kaplan-meier';
import { Z_90 } from '../stats/normal';
import { permutationP } from '../stats/permutation';
import { seeded } from '../stats/random';
import {
  type CensoredSample,
  type FilmFit,
  type FilmPrior,
  fitCensored,
  lnMedianMoments,
  lnSpreadMoments,
  logEvidence,
  medianEstimate,
  poolWith,
  shareAboveCut,
  spreadEstimate,
} from './censored-fit';
import type { FilmReading } from './film-reading';
import { groupJobs } from './jobs';
import { marksRatio, type SeenMark, withMarks } from './marks';
import { type NextReading, nextReadings } from './next';
import { type NoneCause, noneCause } from './no-reading';
import {
  JOB_SPREAD,
  PAINT_STATES,
  type PaintProfile,
  type PaintState,
  POOLING,
  SAMPLING,
  WEAK_FILM_PRIOR,
} from './profiles';
import { type PaintReason, paintReasons } from './reasons';

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
  /** Median without any assumption on the film's shape; null where more than half lies above the ceiling. */
  readonly freeMedianUm: number | null;
  /** Share of the panel's film above each end of the first school's bands. */
  readonly above: readonly {
    readonly cutUm: number;
    readonly share: Estimate;
    /** The same share without any assumption on the film's shape; null for a cut above the gauge's ceiling. */
    readonly freeShare: number | null;
  }[];
  /** Why points showed nothing. */
  readonly noneCause: NoneCause | null;
  /** What moved the state, in the first school's bands. */
  readonly reasons: readonly PaintReason[];
}

export interface Contrast {
  readonly zone: string;
  readonly twin: string;
  readonly ratio: Estimate;
  readonly p: number;
  /** The ratio with a median above the gauge's ceiling put at the ceiling: the least apart they can be. Null without one. */
  readonly leastApart: number | null;
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
  /** Under what the readings were taken, for explaining points that showed nothing. */
  readonly temperatureC?: number | null;
  readonly gauge?: 'magnetic' | 'eddy' | 'combined' | null;
  /** What was seen beside the film, for or against the works' paint. */
  readonly marks?: readonly SeenMark[];
}

const NOTHING: Estimate = { value: null, low: null, high: null, n: 0 };

function asPrior(b: { medianUm: number; medianFactor: number; spread: number; spreadFactor: number }): FilmPrior {
  return {
    lnMedian: { mean: Math.log(b.medianUm), sd: Math.log(b.medianFactor) },
    lnSpread: { mean: Math.log(b.spread), sd: Math.log(b.spreadFactor) },
  };
}

const WEAK = asPrior(WEAK_FILM_PRIOR);
/** Relabellings of a twin test, always the same ones: the same readings give the same report. */
const RELABEL = { seed: 1, draws: 1000 } as const;

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

interface Measured {
  readonly zone: string;
  readonly sample: ReturnType<typeof sampleOf>;
  /** The points that showed nothing. */
  readonly silent: readonly FilmReading[];
  readonly fit: FilmFit | null;
  readonly metal: Metal | null;
  readonly areaM2: number | null;
}

function measure(zone: string, readings: readonly FilmReading[], plan: Plan | null): Measured {
  const sample = sampleOf(readings);
  const silent = readings.filter((r) => r.state === 'none');
  const planned = plan?.zones.get(zone) ?? null;
  return {
    zone,
    sample,
    silent,
    fit: fitCensored(sample, WEAK),
    metal: planned?.metal ?? null,
    areaM2: planned?.areaM2 ?? null,
  };
}

/** What a panel of the car's largest paint job is believed to be before its own readings. */
function likeTheCar(own: readonly FilmFit[]): FilmPrior | null {
  if (own.length < 2) return null;
  const mean = (of: (f: FilmFit) => number) => own.reduce((s, f) => s + of(f), 0) / own.length;
  return {
    lnMedian: { mean: mean((f) => lnMedianMoments(f).mean), sd: JOB_SPREAD.withinJob },
    lnSpread: { mean: mean((f) => lnSpreadMoments(f).mean), sd: POOLING.lnSpreadSd },
  };
}

/**
 * Why points of a panel showed nothing, each under the conditions of its own visit: the cause of those that cold or the
 * wrong gauge do not explain, and how many these are; where all are explained so, that.
 */
function silenceOf(
  { metal, silent }: Measured,
  input: PaintInput,
  read: number,
  over: number,
): { cause: NoneCause | null; unexplained: number } {
  const under = silent.map(
    ({ under }) => under ?? { temperatureC: input.temperatureC ?? null, gauge: input.gauge ?? null },
  );
  const causes = under.map((u) => noneCause({ metal, ...u, none: 1, read, over }));
  const explained = causes.filter((c) => c === 'cold' || c === 'wrong-gauge' || c === 'material');
  const unexplained = causes.length - explained.length;
  if (unexplained === 0) return { cause: explained[0] ?? null, unexplained };
  return { cause: noneCause({ metal, temperatureC: null, gauge: null, none: unexplained, read, over }), unexplained };
}

interface Car {
  readonly jobs: ReadonlyMap<string, number>;
  readonly near: FilmPrior | null;
  readonly baselineUm: Estimate;
  readonly contrasts: readonly Contrast[];
}

function zonePaint(m: Measured, input: PaintInput, car: Car): ZonePaint {
  const { zone, fit, metal, sample } = m;
  const { none } = sample;
  const [read, over] = [sample.readUm.length, sample.overUm.length];
  const n = read + over;
  const unreadable = metal !== null && !gaugeCanRead(metal);
  const lacks = unreadable ? 0 : Math.max(0, readingsNeeded(m.areaM2) - n);
  const { cause, unexplained } = silenceOf(m, input, read, over);
  // A panel with enough readings stands by itself; one with few borrows from the car.
  const pooled = fit && lacks > 0 && car.near ? poolWith(fit, WEAK, car.near, POOLING.share) : fit;
  const medianUm = pooled ? medianEstimate(pooled, sample) : NOTHING;
  const spread = pooled ? spreadEstimate(pooled) : NOTHING;
  const silent = cause === 'thick' ? unexplained : 0;
  const profile = input.profiles[0];
  const observed = [
    ...sample.readUm.map((value) => ({ value, censored: false })),
    ...sample.overUm.map((value) => ({ value, censored: true })),
  ];
  const steps = kaplanMeier(observed);
  const ceiling = sample.overUm.length > 0 ? Math.min(...sample.overUm) : Number.POSITIVE_INFINITY;
  const twin = car.contrasts.find((c) => c.zone === zone || c.twin === zone);
  const marks = (input.marks ?? []).filter((k) => k.zone === zone);
  const seen = marksRatio(marks.map((k) => k.id));
  const ratio = twin?.leastApart ?? twin?.ratio.value;
  return {
    zone,
    n,
    over,
    none,
    medianUm,
    spread,
    state:
      fit === null
        ? null
        : Object.fromEntries(input.profiles.map((p) => [p.id, withMarks(stateChances(fit, silent, p), seen)])),
    job: car.jobs.get(zone) ?? null,
    enough: lacks === 0 && fit !== null,
    lacks,
    unreadable,
    freeMedianUm: kaplanMeierMedian(observed),
    above:
      pooled && profile
        ? Object.values(profile.bandsUm).map((cutUm) => ({
            cutUm,
            share: shareAboveCut(pooled, cutUm),
            freeShare: cutUm > ceiling ? null : shareAbove(steps, cutUm),
          }))
        : [],
    noneCause: cause,
    reasons: profile
      ? paintReasons(
          {
            medianUm,
            spread,
            n,
            over,
            none,
            lacks,
            cause,
            baselineUm: car.baselineUm,
            twin:
              twin && ratio
                ? { ratio: twin.zone === zone ? ratio : 1 / ratio, p: twin.p, atLeast: twin.leastApart !== null }
                : null,
            marks,
          },
          profile,
        )
      : [],
  };
}

/** The twins' difference by medians, and how often luck alone would bring it, by relabelling their readings. */
function contrast(a: Measured, b: Measured): Contrast | null {
  if (!a.fit || !b.fit) return null;
  const [ma, mb] = [lnMedianMoments(a.fit), lnMedianMoments(b.fit)];
  const diff = ma.mean - mb.mean;
  const sd = Math.hypot(ma.sd, mb.sd);
  const overs = [...a.sample.overUm, ...b.sample.overUm];
  const ceiling = overs.length > 0 ? Math.min(...overs) : Number.POSITIVE_INFINITY;
  const [ea, eb] = [a, b].map((m) => medianEstimate(m.fit!, m.sample));
  const known = (e: Estimate) => e.value ?? e.low!;
  // Of two panels above the ceiling nothing is known but that.
  const censored = (ea!.value === null) !== (eb!.value === null);
  const all = (m: Measured) => [...m.sample.readUm, ...m.sample.overUm];
  return {
    zone: a.zone,
    twin: b.zone,
    ratio: {
      value: Math.exp(diff),
      low: Math.exp(diff - Z_90 * sd),
      high: Math.exp(diff + Z_90 * sd),
      n: a.fit.n + b.fit.n,
    },
    p: permutationP(all(a), all(b), ceiling, seeded(RELABEL.seed), RELABEL.draws),
    leastApart: censored ? known(ea!) / known(eb!) : null,
  };
}

/**
 * Judges the paint of a whole car from its readings: per zone the censored median and spread in µm with 10 and 90 %
 * points (panels with few readings borrow from the car's own level), the model-free median, the share above each cut,
 * the chance of each state under each school with the reasons for it, the paint job it belongs to and whether the
 * readings are enough (what was seen beside the film moves the chances, not the film); the car's own level (the pooled median of the largest job), each panel against its twin, and
 * where three more readings would help most. Zones come in slug order. Refuses nothing: without readings all is empty.
 */
export function analysePaint(input: PaintInput): PaintAnalysis {
  const byZone = new Map<string, FilmReading[]>();
  for (const r of input.readings) {
    const own = byZone.get(r.zone);
    if (own) own.push(r);
    else byZone.set(r.zone, [r]);
  }
  const measured = [...byZone.keys()].sort().map((zone) => measure(zone, byZone.get(zone)!, input.plan));
  const fitted = measured.flatMap((m) => (m.fit ? [{ ...m, fit: m.fit }] : []));
  const jobs = groupJobs(
    fitted.map((m) => {
      const spread = lnSpreadMoments(m.fit);
      return {
        zone: m.zone,
        ...lnMedianMoments(m.fit),
        lnSpread: spread.mean,
        lnSpreadSd: spread.sd,
        areaM2: m.areaM2 ?? 1,
      };
    }),
  );
  const own = fitted.filter((m) => jobs.get(m.zone) === 1);
  const car: Car = {
    jobs,
    near: likeTheCar(own.map((m) => m.fit)),
    baselineUm: baseline(own),
    contrasts: contrasts(input.plan, measured),
  };
  const zones = measured.map((m) => zonePaint(m, input, car));
  const fits = new Map(fitted.map((m) => [m.zone, m.fit]));
  return {
    baselineUm: car.baselineUm,
    zones,
    contrasts: car.contrasts,
    next: nextReadings(zones, fits, input),
  };
}

function baseline(own: readonly Measured[]): Estimate {
  const all = { readUm: own.flatMap((m) => m.sample.readUm), overUm: own.flatMap((m) => m.sample.overUm) };
  const fit = fitCensored(all, WEAK);
  return fit ? medianEstimate(fit, all) : NOTHING;
}

function contrasts(plan: Plan | null, measured: readonly Measured[]): Contrast[] {
  const byZone = new Map(measured.map((m) => [m.zone, m]));
  return measured.flatMap((m) => {
    if (!m.zone.includes('.left')) return [];
    const twin = plan ? plan.zones.get(m.zone)?.twin : m.zone.replace('.left', '.right');
    const other = twin ? byZone.get(twin) : undefined;
    const found = other ? contrast(m, other) : null;
    return found ? [found] : [];
  });
}
