import { chiSquareQuantile } from '../stats/chi-square';
import { leastSquares } from '../stats/least-squares';
import { studentQuantile } from '../stats/student';

/** Two looks at one car: who, when, and how far the second's whole grade lies from the first's, in points. */
export interface PairOfLooks {
  readonly first: string;
  readonly second: string;
  /** When the second was closed, ISO 8601. */
  readonly at: string;
  readonly whole: number | null;
}
/** Two gauges on one car: the mean of what the second read more than the first on the same panels, µm. */
export interface PairOfGauges {
  readonly first: string;
  readonly second: string;
  readonly at: string;
  readonly differUm: number;
}
/** What a gauge read of its foil at one visit. */
export interface FoilRead {
  readonly gauge: string;
  readonly at: string;
  /** What it read less what the foil is, zero taken off, µm. */
  readonly offUm: number;
}
/** A mean with where it lies with 95 %. */
export interface Mean {
  readonly mean: number;
  readonly low: number;
  readonly high: number;
}
/** How somebody or something leans against the others, or against what is known. */
export interface Leaning {
  readonly name: string;
  readonly pairs: number;
  /** Own value less the other's. Null for fewer than three pairs. */
  readonly bias: Mean | null;
  /** How that difference moves in thirty days. Null for fewer than five pairs or all of one day. */
  readonly drift: Mean | null;
}
export interface HouseAgreement {
  readonly pairs: number;
  /** Spread of one judgement, points, as a standard deviation with its 95 % interval. Null for too few pairs. */
  readonly judgementSd: { readonly sd: number; readonly low: number; readonly high: number } | null;
  /** In points of the whole grade. */
  readonly people: readonly Leaning[];
}
/** In µm. */
export interface GaugesAgreement {
  /** Against each other, of pairs measured with two. */
  readonly pairs: readonly Leaning[];
  /** Against their foils. */
  readonly foils: readonly Leaning[];
}

/** From how many pairs on figures are told; house values. */
export const ENOUGH = { source: 'house starting values', spread: 8, bias: 3, drift: 5 } as const;
const TWO_SIDED = 0.975;
const MONTH_MS = 30 * 86_400_000;

function meanOf(values: readonly number[]): Mean | null {
  const n = values.length;
  if (n < ENOUGH.bias) return null;
  const mean = values.reduce((s, v) => s + v, 0) / n;
  const sd = Math.sqrt(values.reduce((s, v) => s + (v - mean) ** 2, 0) / (n - 1));
  const half = (studentQuantile(TWO_SIDED, n - 1) * sd) / Math.sqrt(n);
  return { mean, low: mean - half, high: mean + half };
}

/** Slope of a straight line through points, by least squares, with its interval by Student's t. */
function slopeOf(points: readonly (readonly [x: number, y: number])[]): Mean | null {
  const n = points.length;
  if (n < ENOUGH.drift) return null;
  const mx = points.reduce((s, p) => s + p[0], 0) / n;
  // Moments from their own middle: of days since 1970 a straight line would be ill to fit.
  const fitted = leastSquares(
    points.map(([x]) => [1, x - mx]),
    points.map(([, y]) => y),
    TWO_SIDED,
  );
  const slope = fitted?.coefficients[1];
  return slope?.low != null && slope.value !== null && slope.high != null
    ? { mean: slope.value, low: slope.low, high: slope.high }
    : null;
}

/** How far one lies from another, or from what is known. */
interface Differs {
  readonly name: string;
  readonly at: string;
  readonly by: number;
}

/** Each of those that differ, by name. */
function leaningsOf(all: readonly Differs[]): Leaning[] {
  return [...new Set(all.map((d) => d.name))].sort().map((name) => {
    const own = all.filter((d) => d.name === name);
    return {
      name,
      pairs: own.length,
      bias: meanOf(own.map((d) => d.by)),
      drift: slopeOf(own.map((d) => [Date.parse(d.at) / MONTH_MS, d.by])),
    };
  });
}

/** A pair as its two see it, each against the other; of one alone only the second is told. */
const bothWays = (
  pair: { readonly first: string; readonly second: string; readonly at: string },
  by: number,
): Differs[] => [
  { name: pair.second, at: pair.at, by },
  ...(pair.first === pair.second ? [] : [{ name: pair.first, at: pair.at, by: -by }]),
];

/**
 * How far a house's gauges agree, µm: of pairs of looks that two different ones measured, each against the others; and each
 * against its foil over its visits, which needs no second look. A bias or drift is one where its interval does not hold zero.
 * What nobody named counts for nothing.
 */
export function gaugesAgreement(pairs: readonly PairOfGauges[], foils: readonly FoilRead[]): GaugesAgreement {
  const two = pairs.filter((p) => p.first !== '' && p.second !== '' && p.first !== p.second);
  return {
    pairs: leaningsOf(two.flatMap((p) => bothWays(p, p.differUm))),
    foils: leaningsOf(foils.flatMap((f) => (f.gauge === '' ? [] : [{ name: f.gauge, at: f.at, by: f.offUm }]))),
  };
}

/**
 * How far a house's inspectors agree over all cars that two looked at: the spread of one judgement is that of the differences
 * divided by the square root of two, since either look brings its own (Bland and Altman, Lancet i, 1986), with the interval of a
 * variance by chi-square; each person's bias against the others and how it moves in time, by least squares. A bias or drift is
 * one where its interval does not hold zero. Pairs of which one look has no grade count for nothing.
 */
export function houseAgreement(looks: readonly PairOfLooks[]): HouseAgreement {
  const pairs = looks.flatMap((p) => (p.whole === null ? [] : [{ ...p, whole: p.whole }]));
  const n = pairs.length;
  const people = leaningsOf(pairs.flatMap((p) => bothWays(p, p.whole)));
  if (n < ENOUGH.spread) return { pairs: n, judgementSd: null, people };
  const mean = pairs.reduce((s, p) => s + p.whole, 0) / n;
  const squares = pairs.reduce((s, p) => s + (p.whole - mean) ** 2, 0) / 2;
  return {
    pairs: n,
    judgementSd: {
      sd: Math.sqrt(squares / (n - 1)),
      low: Math.sqrt(squares / chiSquareQuantile(TWO_SIDED, n - 1)),
      high: Math.sqrt(squares / chiSquareQuantile(1 - TWO_SIDED, n - 1)),
    },
    people,
  };
}

/** Whether a mean is one: zero lies outside its interval. */
export const isOne = (m: Mean | null): boolean => m !== null && (m.low > 0 || m.high < 0);
