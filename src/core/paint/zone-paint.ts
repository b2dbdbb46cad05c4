import type { Estimate } from '../stats/estimate';
import { kaplanMeier, kaplanMeierMedian, shareAbove } from '../stats/kaplan-meier';
import { keptWith } from '../stats/remembered';
import {
  type FilmFit,
  type FilmPrior,
  lnMedianMoments,
  lnSpreadMoments,
  medianEstimate,
  poolWith,
  shareAboveCut,
  spreadEstimate,
} from './censored-fit';
import type { Contrast } from './contrasts';
import { marksRatio, withMarks } from './marks';
import type { MeasuredZone } from './measured-zone';
import { type NoneCause, noneCause } from './no-reading';
import type { PaintInput } from './paint-input';
import { JOB_SPREAD, type PaintState, POOLING } from './profiles';
import { type PaintReason, paintReasons } from './reasons';
import { gaugeCanRead, readingsNeeded } from './sampling';
import { stateChances, WEAK } from './state-chances';

/** What is known of one zone's paint. */
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

/** A panel that was not touched since is fitted as before: what follows from its fit alone is not reckoned again. */
const statesKept = keptWith(stateChances);
const sharesKept = keptWith(shareAboveCut);

/** Nothing measured. */
export const NOTHING: Estimate = { value: null, low: null, high: null, n: 0 };

/** What a panel of the car's largest paint job is believed to be before its own readings. */
export function likeTheCar(own: readonly FilmFit[]): FilmPrior | null {
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
  { metal, silent }: MeasuredZone,
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

/** What the whole car says of its single zones. */
export interface CarPaint {
  readonly jobs: ReadonlyMap<string, number>;
  readonly near: FilmPrior | null;
  readonly baselineUm: Estimate;
  readonly contrasts: readonly Contrast[];
}

/** One zone judged by its own readings and, where these are few, by the car. */
export function zonePaint(m: MeasuredZone, input: PaintInput, car: CarPaint): ZonePaint {
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
        : Object.fromEntries(input.profiles.map((p) => [p.id, withMarks(statesKept(fit, silent, p), seen)])),
    job: car.jobs.get(zone) ?? null,
    enough: lacks === 0 && fit !== null,
    lacks,
    unreadable,
    freeMedianUm: kaplanMeierMedian(observed),
    above:
      pooled && profile
        ? Object.values(profile.bandsUm).map((cutUm) => ({
            cutUm,
            share: sharesKept(pooled, cutUm),
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
