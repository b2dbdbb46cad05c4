import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import type { Estimate } from '../stats/estimate';
import { Z_90 } from '../stats/normal';
import { quantile } from '../stats/quantile';
import { studentQuantile } from '../stats/student';
import { RIGID_LIMITS } from './rigid-limits';

/** One linear observation: coefficients of the three freedoms, what was seen, and its standard error. */
export interface Observation {
  readonly a: readonly [number, number, number];
  readonly seen: number;
  readonly se: number;
}

export interface ThreeFreedoms {
  /** The three freedoms with their 10 and 90 % points. */
  readonly values: readonly [Estimate, Estimate, Estimate];
  /** Residual of every observation, in the unit seen; slips included. */
  readonly residuals: readonly number[];
  /** Indices of observations taken for slips of measuring: left out of the fit. */
  readonly slips: readonly number[];
  /** Which freedoms the observations tell. */
  readonly told: readonly [boolean, boolean, boolean];
}

const SIZE = 3;

interface Solved {
  readonly x: readonly number[];
  /** Covariance, row by row, for unit weights' variance. */
  readonly cov: readonly number[];
}

/** Weighted least squares with a weak normal belief about 0 on each freedom (Tikhonov); never singular. */
function solve(obs: readonly Observation[], weights: readonly number[], priorSd: readonly number[]): Solved {
  const m = priorSd.map((sd, i) => priorSd.map((_, j) => (i === j ? 1 / sd ** 2 : 0)));
  const b = priorSd.map(() => 0);
  for (const [k, o] of obs.entries()) {
    const w = weights[k]! / o.se ** 2;
    for (let i = 0; i < SIZE; i++) {
      b[i] = b[i]! + w * o.a[i]! * o.seen;
      for (let j = 0; j < SIZE; j++) m[i]![j] = m[i]![j]! + w * (o.a[i]! * o.a[j]!);
    }
  }
  // A matrix with a positive diagonal added is positive definite.
  const factor = new CholeskyDecomposition(new Matrix(m));
  return { x: factor.solve(Matrix.columnVector(b)).to1DArray(), cov: factor.solve(Matrix.eye(SIZE)).to1DArray() };
}

const residual = (o: Observation, x: readonly number[]) => o.seen - (o.a[0] * x[0]! + o.a[1] * x[1]! + o.a[2] * x[2]!);

/** Constant of the bisquare for 95 % efficiency at the normal, and of the median absolute deviation (Huber, Robust Statistics). */
const BISQUARE = 4.685;
const MAD_TO_SD = 1.4826;
const STEPS = 40;

/** Bisquare M-estimate by iteratively reweighted least squares, started from the least absolute deviations. */
function robust(obs: readonly Observation[], priorSd: readonly number[]): { x: readonly number[]; scale: number } {
  let x = solve(
    obs,
    obs.map(() => 1),
    priorSd,
  ).x;
  for (let step = 0; step < STEPS; step++) {
    const next = solve(
      obs,
      obs.map((o) => 1 / Math.max(0.05, Math.abs(residual(o, x) / o.se))),
      priorSd,
    ).x;
    x = next;
  }
  const scaleOf = () => {
    const sizes = obs.map((o) => Math.abs(residual(o, x) / o.se)).sort((a, b) => a - b);
    // The least residuals are those that the freedoms themselves have taken up.
    return Math.max(1, MAD_TO_SD * quantile(sizes.slice(Math.min(SIZE, sizes.length - 1)), 0.5)!);
  };
  let scale = scaleOf();
  for (let step = 0; step < STEPS; step++) {
    const weights = obs.map((o) => {
      const u = residual(o, x) / (o.se * scale * BISQUARE);
      return Math.abs(u) >= 1 ? 0 : (1 - u * u) ** 2;
    });
    if (weights.filter((w) => w > 0).length <= SIZE) break;
    x = solve(obs, weights, priorSd).x;
    scale = scaleOf();
  }
  return { x, scale };
}

/**
 * Three freedoms from linear observations, by weighted least squares, robust to slips: observations far off the robust
 * fit are taken for slips when no neighbour agrees with them, and kept as the metal's own shape when one does.
 * `neighbours` gives the indices beside an observation. Intervals widen by the residuals where these are larger than the
 * stated errors (Birge, Phys. Rev. 40, 1932), with Student's t. A freedom that the observations do not tell keeps the
 * belief's wide interval.
 */
export function fitThree(
  obs: readonly Observation[],
  priorSd: readonly [number, number, number],
  neighbours: (index: number) => readonly number[],
): ThreeFreedoms {
  const first = robust(obs, priorSd);
  const standard = obs.map((o) => residual(o, first.x) / o.se);
  const suspects = standard
    .map((u, i) => ({ i, u }))
    .filter(({ u }) => Math.abs(u) > RIGID_LIMITS.suspectSd * first.scale)
    .sort((p, q) => Math.abs(q.u) - Math.abs(p.u));
  const alone = suspects.filter(({ i }) => {
    const own = residual(obs[i]!, first.x);
    return !neighbours(i).some((k) => {
      const other = residual(obs[k]!, first.x);
      return Math.sign(other) === Math.sign(own) && Math.abs(other) >= RIGID_LIMITS.agree * Math.abs(own);
    });
  });
  const most = Math.floor(RIGID_LIMITS.slips * obs.length);
  const slips = alone.slice(0, Math.max(most, obs.length > SIZE + 1 ? 1 : 0)).map(({ i }) => i);
  const held = obs.filter((_, i) => !slips.includes(i));
  const { x, cov } = solve(
    held,
    held.map(() => 1),
    priorSd,
  );
  const chi2 = held.reduce((s, o) => s + (residual(o, x) / o.se) ** 2, 0);
  const degrees = held.length - SIZE;
  const excess = degrees > 0 ? Math.sqrt(Math.max(1, chi2 / degrees)) : 1;
  const z = excess > 1 ? studentQuantile(0.9, degrees) : Z_90;
  const values = [0, 1, 2].map((i): Estimate => {
    const sd = Math.min(priorSd[i]!, Math.sqrt(cov[i * SIZE + i]!) * excess);
    return { value: x[i]!, low: x[i]! - z * sd, high: x[i]! + z * sd, n: held.length };
  });
  return {
    values: values as unknown as ThreeFreedoms['values'],
    residuals: obs.map((o) => residual(o, x)),
    slips,
    told: [0, 1, 2].map(
      (i) => Math.sqrt(cov[i * SIZE + i]!) < RIGID_LIMITS.untold * priorSd[i]!,
    ) as unknown as ThreeFreedoms['told'],
  };
}
