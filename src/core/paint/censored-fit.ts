import type { Estimate } from '../stats/estimate';
import { kaplanMeierMedian } from '../stats/kaplan-meier';
import { logUpperTail, upperTail } from '../stats/normal';

// Looked up once: these run tens of thousands of times a fit.
const { exp, log } = Math;

/** Weak knowledge of film thickness before any reading: a normal over ln(µm) and over ln(standard deviation of ln). */
export interface FilmPrior {
  readonly lnMedian: Normal;
  readonly lnSpread: Normal;
}

interface Normal {
  readonly mean: number;
  readonly sd: number;
}

/** Thicknesses of one zone: values read, and the ceilings of those that only say "at least". */
export interface CensoredSample {
  readonly readUm: readonly number[];
  readonly overUm: readonly number[];
}

/** A likelihood over (ln median, ln spread) on a grid, from which estimates and state chances are drawn. */
export interface FilmFit {
  readonly n: number;
  readonly lnMedians: Float64Array;
  readonly lnSpreads: Float64Array;
  /** Likelihood as a share of the greatest on the grid, row by row of lnSpreads; its logarithm is `lnTop` there. */
  readonly likelihood: Float64Array;
  readonly lnTop: number;
  /** Posterior weights under the weak prior, summing to 1, in the same order, and their sums over the other axis. */
  readonly posterior: Float64Array;
  readonly medianWeights: Float64Array;
  readonly spreadWeights: Float64Array;
}

const COARSE = { medians: 60, spreads: 16 };
const FINE = { medians: 90, spreads: 28 };
/** ln µm and ln spread within which every coating lies: 1 µm to 60 mm; 1 % to 400 %. */
const RANGE = { lnMedian: [0, 11] as const, lnSpread: [log(0.01), log(4)] as const };

function axis([from, to]: readonly [number, number], n: number): Float64Array {
  return Float64Array.from({ length: n }, (_, i) => from + ((to - from) * i) / (n - 1));
}

interface Sufficient {
  readonly n: number;
  readonly mean: number;
  readonly squares: number;
  readonly over: readonly (readonly [lnCeiling: number, count: number])[];
}

function summarise({ readUm, overUm }: CensoredSample): Sufficient {
  const logs = readUm.map((v) => log(Math.max(v, 0.5)));
  const mean = logs.length === 0 ? 0 : logs.reduce((s, v) => s + v, 0) / logs.length;
  const over = new Map<number, number>();
  for (const c of overUm) over.set(log(c), (over.get(log(c)) ?? 0) + 1);
  return { n: logs.length, mean, squares: logs.reduce((s, v) => s + (v - mean) ** 2, 0), over: [...over] };
}

/** Log-likelihood of the sample on the grid, row by row of lnSpreads. */
function logLikelihoods(s: Sufficient, lnMedians: Float64Array, lnSpreads: Float64Array): Float64Array {
  const w = lnMedians.length;
  const ll = new Float64Array(w * lnSpreads.length);
  for (let j = 0; j < lnSpreads.length; j++) {
    const spread = exp(lnSpreads[j]!);
    const half = 1 / (2 * spread * spread);
    const row = j * w;
    for (let i = 0; i < w; i++) {
      const off = s.mean - lnMedians[i]!;
      ll[row + i] = -s.n * lnSpreads[j]! - (s.squares + s.n * off * off) * half;
    }
    for (const [ceiling, count] of s.over)
      for (let i = 0; i < w; i++) ll[row + i] = ll[row + i]! + count * logUpperTail((ceiling - lnMedians[i]!) / spread);
  }
  return ll;
}

/** Makes logarithms, in place, shares of the greatest, whose logarithm it returns. */
function toShares(lns: Float64Array): number {
  let lnTop = -Infinity;
  for (const v of lns) if (v > lnTop) lnTop = v;
  for (let k = 0; k < lns.length; k++) lns[k] = exp(lns[k]! - lnTop);
  return lnTop;
}

/** What a belief says of each step of an axis, up to a factor: a normal's density as a share of its greatest there. */
function believed({ mean, sd }: Normal, values: Float64Array): { shares: Float64Array; lnTop: number } {
  const shares = values.map((v) => -0.5 * ((v - mean) / sd) ** 2);
  return { shares, lnTop: toShares(shares) };
}

/** The likelihood weighed by a belief about each axis, summing to 1, with its sums over the other axis; null where all is nothing. */
function weighed(
  likelihood: Float64Array,
  beliefs: readonly { readonly medians: Float64Array; readonly spreads: Float64Array; readonly share: number }[],
  w: number,
): Pick<FilmFit, 'posterior' | 'medianWeights' | 'spreadWeights'> | null {
  const posterior = new Float64Array(likelihood.length);
  const medianWeights = new Float64Array(w);
  const spreadWeights = new Float64Array(likelihood.length / w);
  let sum = 0;
  for (const { medians, spreads, share } of beliefs)
    for (let j = 0; j < spreads.length; j++) {
      const of = share * spreads[j]!;
      for (let i = 0; i < w; i++) {
        const p = likelihood[j * w + i]! * of * medians[i]!;
        posterior[j * w + i] = posterior[j * w + i]! + p;
        sum += p;
      }
    }
  if (!(sum > 0)) return null;
  for (let j = 0; j < spreadWeights.length; j++)
    for (let i = 0; i < w; i++) {
      const p = posterior[j * w + i]! / sum;
      posterior[j * w + i] = p;
      medianWeights[i] = medianWeights[i]! + p;
      spreadWeights[j] = spreadWeights[j]! + p;
    }
  return { posterior, medianWeights, spreadWeights };
}

function evaluate(
  s: Sufficient,
  prior: FilmPrior,
  lnMedians: Float64Array,
  lnSpreads: Float64Array,
  n: number,
): FilmFit {
  const likelihood = logLikelihoods(s, lnMedians, lnSpreads);
  const lnTop = toShares(likelihood);
  const medians = believed(prior.lnMedian, lnMedians).shares;
  const spreads = believed(prior.lnSpread, lnSpreads).shares;
  const w = lnMedians.length;
  // Readings that a belief holds for impossible speak for themselves.
  const weights =
    weighed(likelihood, [{ medians, spreads, share: 1 }], w) ??
    weighed(likelihood, [{ medians: medians.fill(1), spreads: spreads.fill(1), share: 1 }], w)!;
  return { n, lnMedians, lnSpreads, likelihood, lnTop, ...weights };
}

/** The narrowest stretch of an axis outside which less than `tail` of the weight lies, one step wider each way. */
function stretch(values: Float64Array, weights: Float64Array, tail: number): [number, number] {
  let lo = 0;
  for (let acc = 0; lo < values.length - 1 && acc + weights[lo]! < tail; lo++) acc += weights[lo]!;
  let hi = values.length - 1;
  for (let acc = 0; hi > 0 && acc + weights[hi]! < tail; hi--) acc += weights[hi]!;
  return [values[Math.max(0, lo - 1)]!, values[Math.min(values.length - 1, hi + 1)]!];
}

/**
 * Fits a log-normal film thickness to right-censored readings: a value read counts by its density, a reading at the
 * ceiling by the chance of lying above it (Helsel, Statistics for Censored Environmental Data, 2nd ed., ch. 6; the
 * grid posterior as in Gelman et al., Bayesian Data Analysis, 3rd ed., §3.7). No censored reading is averaged or
 * dropped. Returns null when there is no reading at all.
 */
export function fitCensored(sample: CensoredSample, prior: FilmPrior): FilmFit | null {
  const n = sample.readUm.length + sample.overUm.length;
  if (n === 0) return null;
  const s = summarise(sample);
  let medians = RANGE.lnMedian as readonly [number, number];
  let spreads = RANGE.lnSpread as readonly [number, number];
  // Three zooms: the likelihood of many even readings is far narrower than the whole range.
  for (let pass = 0; pass < 3; pass++) {
    const rough = evaluate(s, prior, axis(medians, COARSE.medians), axis(spreads, COARSE.spreads), n);
    medians = stretch(rough.lnMedians, rough.medianWeights, 1e-4);
    spreads = stretch(rough.lnSpreads, rough.spreadWeights, 1e-4);
  }
  return evaluate(s, prior, axis(medians, FINE.medians), axis(spreads, FINE.spreads), n);
}

function quantileOf(values: Float64Array, weights: Float64Array, p: number): number {
  // Each grid point carries its weight spread evenly over the cell around it.
  const half = values.length > 1 ? (values[1]! - values[0]!) / 2 : 0;
  let acc = 0;
  for (let i = 0; i < values.length; i++) {
    const w = weights[i]!;
    if (acc + w >= p) return values[i]! - half + (w === 0 ? 0 : ((p - acc) / w) * 2 * half);
    acc += w;
  }
  return values[values.length - 1]!;
}

/** The p-quantile of ln(median thickness in µm). */
export function lnMedianQuantile(fit: FilmFit, p: number): number {
  return quantileOf(fit.lnMedians, fit.medianWeights, p);
}

function momentsOf(values: Float64Array, weights: Float64Array): { mean: number; sd: number } {
  let mean = 0;
  for (let i = 0; i < values.length; i++) mean += weights[i]! * values[i]!;
  let variance = 0;
  for (let i = 0; i < values.length; i++) variance += weights[i]! * (values[i]! - mean) ** 2;
  return { mean, sd: Math.sqrt(variance) };
}

/** Mean and standard deviation of ln(median thickness in µm). */
export const lnMedianMoments = (fit: FilmFit) => momentsOf(fit.lnMedians, fit.medianWeights);

/** Mean and standard deviation of ln(spread within the zone). */
export const lnSpreadMoments = (fit: FilmFit) => momentsOf(fit.lnSpreads, fit.spreadWeights);

/**
 * The fit when the zone is believed, with the chance `share` before readings, to be like the rest of the car (`near`), and
 * else like any film (`weak`): a mixture of two beliefs, so that readings that disagree with the car are not pulled to
 * it (partial pooling; Gelman et al., Bayesian Data Analysis, 3rd ed., §5.4, with a robust prior as in §17.2).
 */
export function poolWith(fit: FilmFit, weak: FilmPrior, near: FilmPrior, share: number): FilmFit {
  const of = (b: FilmPrior, part: number) => {
    const [m, s] = [believed(b.lnMedian, fit.lnMedians), believed(b.lnSpread, fit.lnSpreads)];
    const ln = m.lnTop + s.lnTop - log(b.lnMedian.sd * b.lnSpread.sd);
    return { medians: m.shares, spreads: s.shares, share: part * exp(ln) };
  };
  const weights = weighed(fit.likelihood, [of(weak, 1 - share), of(near, share)], fit.lnMedians.length);
  return weights ? { ...fit, ...weights } : fit;
}

/** Steps in which a share is told apart for its interval. */
const SHARE_BINS = 200;

/** The share of the zone's film above a cut, with its 10 and 90 % points (to half a percent). */
export function shareAboveCut(fit: FilmFit, cutUm: number): Estimate {
  const w = fit.lnMedians.length;
  const lnCut = log(cutUm);
  const bins = new Float64Array(SHARE_BINS + 1);
  let mean = 0;
  for (let j = 0; j < fit.lnSpreads.length; j++) {
    const spread = exp(fit.lnSpreads[j]!);
    for (let i = 0; i < w; i++) {
      const p = fit.posterior[j * w + i]!;
      if (p < 1e-9) continue;
      const share = upperTail((lnCut - fit.lnMedians[i]!) / spread);
      mean += p * share;
      const bin = Math.round(share * SHARE_BINS);
      bins[bin] = bins[bin]! + p;
    }
  }
  const at = (q: number) => {
    let acc = 0;
    const bin = bins.findIndex((p) => {
      acc += p;
      return acc >= q;
    });
    return (bin < 0 ? SHARE_BINS : bin) / SHARE_BINS;
  };
  return { value: mean, low: Math.min(mean, at(0.1)), high: Math.max(mean, at(0.9)), n: fit.n };
}

/**
 * Median thickness in µm with its 10 and 90 % points. Where the readings themselves do not come down to a half (Kaplan
 * and Meier's median is not reached: more than half stand at the ceiling) the median lies above what the gauge can say:
 * the value is null, `low` the lowest ceiling met and `high` null. Gauges of several ceilings are read together: a point
 * that one gauge could not read through says nothing of how the others' readings lie above that.
 */
export function medianEstimate(fit: FilmFit, { readUm, overUm }: CensoredSample): Estimate {
  const free = kaplanMeierMedian([
    ...readUm.map((value) => ({ value, censored: false })),
    ...overUm.map((value) => ({ value, censored: true })),
  ]);
  if (free === null) return { value: null, low: overUm.length > 0 ? Math.min(...overUm) : null, high: null, n: fit.n };
  const [low, value, high] = [0.1, 0.5, 0.9].map((q) => exp(lnMedianQuantile(fit, q))) as [number, number, number];
  // Half are known to lie below the first ceiling above the free median, so the median does.
  const most = Math.min(...overUm.filter((c) => c >= free), Infinity);
  const capped = Math.min(value, most);
  return { value: capped, low: Math.min(low, capped), high, n: fit.n };
}

/** Standard deviation of ln(thickness) with its 10 and 90 % points. */
export function spreadEstimate(fit: FilmFit): Estimate {
  const at = (p: number) => exp(quantileOf(fit.lnSpreads, fit.spreadWeights, p));
  return { value: at(0.5), low: at(0.1), high: at(0.9), n: fit.n };
}

/**
 * Log of the chance of the readings under a normal belief over (ln median, ln spread), up to a constant of the fit;
 * -Infinity where the belief lies so far from the readings that the chance is less than doubles can say.
 */
export function logEvidence(fit: FilmFit, belief: FilmPrior): number {
  const w = fit.lnMedians.length;
  const medians = believed(belief.lnMedian, fit.lnMedians);
  const spreads = believed(belief.lnSpread, fit.lnSpreads);
  let sum = 0;
  for (let j = 0; j < spreads.shares.length; j++) {
    let row = 0;
    for (let i = 0; i < w; i++) row += fit.likelihood[j * w + i]! * medians.shares[i]!;
    sum += row * spreads.shares[j]!;
  }
  return fit.lnTop + medians.lnTop + spreads.lnTop - log(belief.lnMedian.sd * belief.lnSpread.sd) + log(sum);
}
