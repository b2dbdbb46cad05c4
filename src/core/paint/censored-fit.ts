import type { Estimate } from '../stats/estimate';
import { kaplanMeierMedian } from '../stats/kaplan-meier';
import { logUpperTail } from '../stats/normal';

// Looked up once: these run tens of thousands of times a fit.
const { exp, log } = Math;

/** Weak knowledge of film thickness before any reading: a normal over ln(µm) and over ln(standard deviation of ln). */
export interface FilmPrior {
  readonly lnMedian: { readonly mean: number; readonly sd: number };
  readonly lnSpread: { readonly mean: number; readonly sd: number };
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
  /** Log-likelihood, row by row of lnSpreads. */
  readonly logLikelihood: Float64Array;
  /** Posterior weights under the weak prior, summing to 1, in the same order. */
  readonly posterior: Float64Array;
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

function logLikelihoodAt(s: Sufficient, lnMedian: number, lnSpread: number): number {
  const spread = exp(lnSpread);
  let ll = -s.n * lnSpread - (s.squares + s.n * (s.mean - lnMedian) ** 2) / (2 * spread * spread);
  for (const [ceiling, count] of s.over) ll += count * logUpperTail((ceiling - lnMedian) / spread);
  return ll;
}

function evaluate(
  s: Sufficient,
  prior: FilmPrior,
  lnMedians: Float64Array,
  lnSpreads: Float64Array,
  n: number,
): FilmFit {
  const size = lnMedians.length * lnSpreads.length;
  const logLikelihood = new Float64Array(size);
  const posterior = new Float64Array(size);
  let top = -Infinity;
  for (let j = 0; j < lnSpreads.length; j++) {
    for (let i = 0; i < lnMedians.length; i++) {
      const k = j * lnMedians.length + i;
      const m = lnMedians[i]!;
      const t = lnSpreads[j]!;
      logLikelihood[k] = logLikelihoodAt(s, m, t);
      const lp =
        logLikelihood[k]! -
        0.5 * ((m - prior.lnMedian.mean) / prior.lnMedian.sd) ** 2 -
        0.5 * ((t - prior.lnSpread.mean) / prior.lnSpread.sd) ** 2;
      posterior[k] = lp;
      if (lp > top) top = lp;
    }
  }
  let sum = 0;
  for (let k = 0; k < size; k++) sum += posterior[k] = exp(posterior[k]! - top);
  for (let k = 0; k < size; k++) posterior[k] = posterior[k]! / sum;
  return { n, lnMedians, lnSpreads, logLikelihood, posterior };
}

function marginal(fit: FilmFit, of: 'median' | 'spread'): Float64Array {
  const out = new Float64Array(of === 'median' ? fit.lnMedians.length : fit.lnSpreads.length);
  const w = fit.lnMedians.length;
  fit.posterior.forEach((p, k) => {
    const at = of === 'median' ? k % w : Math.floor(k / w);
    out[at] = out[at]! + p;
  });
  return out;
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
    medians = stretch(rough.lnMedians, marginal(rough, 'median'), 1e-4);
    spreads = stretch(rough.lnSpreads, marginal(rough, 'spread'), 1e-4);
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
  return quantileOf(fit.lnMedians, marginal(fit, 'median'), p);
}

/** Mean and standard deviation of ln(median thickness in µm). */
export function lnMedianMoments(fit: FilmFit): { mean: number; sd: number } {
  const w = marginal(fit, 'median');
  let mean = 0;
  w.forEach((p, i) => {
    mean += p * fit.lnMedians[i]!;
  });
  let variance = 0;
  w.forEach((p, i) => {
    variance += p * (fit.lnMedians[i]! - mean) ** 2;
  });
  return { mean, sd: Math.sqrt(variance) };
}

/** Mean and standard deviation of ln(spread within the zone). */
export function lnSpreadMoments(fit: FilmFit): { mean: number; sd: number } {
  const w = marginal(fit, 'spread');
  const mean = w.reduce((s, p, i) => s + p * fit.lnSpreads[i]!, 0);
  const variance = w.reduce((s, p, i) => s + p * (fit.lnSpreads[i]! - mean) ** 2, 0);
  return { mean, sd: Math.sqrt(variance) };
}

/**
 * The fit when the zone is believed, with the chance `share` before readings, to be like the rest of the car (`near`), and
 * else like any film (`weak`): a mixture of two beliefs, so that readings that disagree with the car are not pulled to
 * it (partial pooling; Gelman et al., Bayesian Data Analysis, 3rd ed., §5.4, with a robust prior as in §17.2).
 */
export function poolWith(fit: FilmFit, weak: FilmPrior, near: FilmPrior, share: number): FilmFit {
  const w = fit.lnMedians.length;
  const density = (b: FilmPrior, m: number, t: number) =>
    exp(-0.5 * (((m - b.lnMedian.mean) / b.lnMedian.sd) ** 2 + ((t - b.lnSpread.mean) / b.lnSpread.sd) ** 2)) /
    (b.lnMedian.sd * b.lnSpread.sd);
  const top = fit.logLikelihood.reduce((a, b) => Math.max(a, b), -Infinity);
  const posterior = new Float64Array(fit.posterior.length);
  let sum = 0;
  fit.logLikelihood.forEach((ll, k) => {
    const [m, t] = [fit.lnMedians[k % w]!, fit.lnSpreads[Math.floor(k / w)]!];
    const belief = (1 - share) * density(weak, m, t) + share * density(near, m, t);
    posterior[k] = exp(ll - top) * belief;
    sum += posterior[k]!;
  });
  if (!(sum > 0)) return fit;
  for (let k = 0; k < posterior.length; k++) posterior[k] = posterior[k]! / sum;
  return { ...fit, posterior };
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
      const share = exp(logUpperTail((lnCut - fit.lnMedians[i]!) / spread));
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
  const w = marginal(fit, 'spread');
  const at = (p: number) => exp(quantileOf(fit.lnSpreads, w, p));
  return { value: at(0.5), low: at(0.1), high: at(0.9), n: fit.n };
}

/** Log of the chance of the readings under a normal belief over (ln median, ln spread), up to a constant of the fit. */
export function logEvidence(fit: FilmFit, belief: FilmPrior): number {
  const w = fit.lnMedians.length;
  let top = -Infinity;
  const terms = new Float64Array(fit.logLikelihood.length);
  fit.logLikelihood.forEach((ll, k) => {
    const zm = (fit.lnMedians[k % w]! - belief.lnMedian.mean) / belief.lnMedian.sd;
    const zs = (fit.lnSpreads[Math.floor(k / w)]! - belief.lnSpread.mean) / belief.lnSpread.sd;
    const t = ll - 0.5 * (zm * zm + zs * zs) - log(belief.lnMedian.sd * belief.lnSpread.sd);
    terms[k] = t;
    if (t > top) top = t;
  });
  return top + log(terms.reduce((s, t) => s + exp(t - top), 0));
}
