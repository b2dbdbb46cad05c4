import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import { logUpperTail } from '../stats/normal';
import { FIELD } from './profiles';

/** A reading at a place on a panel: ln µm as read, or ln of the ceiling that it lies above. */
export interface PlacedFilm {
  readonly uMm: number;
  readonly vMm: number;
  readonly lnUm: number;
  readonly over: boolean;
}

/** The film over a panel as a random field given its readings: ln µm and its standard deviation at any place. */
export interface PanelField {
  /** Writes mean and standard deviation of ln(µm) at a place of the panel, mm. */
  at(uMm: number, vMm: number): { mean: number; sd: number };
  readonly n: number;
}

const SQRT3 = Math.sqrt(3);
/** Matérn covariance with smoothness 3/2: films change by steps of the painter's hand, not infinitely smoothly. */
const covariance = (dMm: number, variance: number) => {
  const r = (SQRT3 * dMm) / FIELD.lengthMm;
  return variance * (1 + r) * Math.exp(-r);
};

const SWEEPS = 40;
const DAMPING = 0.8;
const SETTLED = 1e-5;

/**
 * The field of ln(thickness) over one panel: a Gaussian process around the panel's own level whose readings at the
 * ceiling count as "at least" by expectation propagation with probit sites (Rasmussen and Williams, Gaussian Processes
 * for Machine Learning, 2006, §2.2 and §3.6). `level` and `spread` are the panel's fitted ln median and spread.
 */
export function panelField(readings: readonly PlacedFilm[], level: number, spread: number): PanelField {
  const n = readings.length;
  const variance = Math.max(FIELD.leastSpread, spread) ** 2;
  const noise = FIELD.noise ** 2;
  const k = Matrix.zeros(n, n);
  for (const [i, a] of readings.entries())
    for (const [j, b] of readings.entries())
      k.set(i, j, covariance(Math.hypot(a.uMm - b.uMm, a.vMm - b.vMm), variance));
  const tau = Float64Array.from(readings, (r) => (r.over ? 0 : 1 / noise));
  const nu = Float64Array.from(readings, (r) => (r.over ? 0 : (r.lnUm - level) / noise));
  let state = posterior(k, tau, nu);
  const over = readings.flatMap((r, i) => (r.over ? [i] : []));
  for (let sweep = 0; sweep < SWEEPS && over.length > 0; sweep++) {
    let moved = 0;
    for (const i of over) moved = Math.max(moved, matchSite(i, readings[i]!.lnUm - level, noise, state, tau, nu));
    state = posterior(k, tau, nu);
    if (moved < SETTLED) break;
  }
  const { root, alpha, factor } = state;
  // (K + noise)⁻¹ between the readings' scaled covariances, once for all places.
  const inverse = factor ? factor.solve(Matrix.eye(n)) : null;
  const scaled = new Float64Array(n);
  return {
    n,
    at(uMm, vMm) {
      let mean = level;
      for (let i = 0; i < n; i++) {
        const r = readings[i]!;
        const cross = covariance(Math.hypot(r.uMm - uMm, r.vMm - vMm), variance);
        mean += cross * alpha[i]!;
        scaled[i] = root[i]! * cross;
      }
      let explained = 0;
      for (let i = 0; i < n; i++) for (let j = 0; j < n; j++) explained += scaled[i]! * scaled[j]! * inverse!.get(i, j);
      return { mean, sd: Math.sqrt(Math.max(0, variance - explained)) };
    },
  };
}

interface Posterior {
  /** Of I + √τ K √τ; null without readings, which a matrix library does not decompose. */
  readonly factor: CholeskyDecomposition | null;
  readonly root: Float64Array;
  readonly alpha: readonly number[];
  readonly mean: readonly number[];
  readonly variance: readonly number[];
}

/** Posterior at the readings for given site parameters (Rasmussen and Williams, eq. 3.53 to 3.56). */
function posterior(k: Matrix, tau: Float64Array, nu: Float64Array): Posterior {
  const root = Float64Array.from(tau, Math.sqrt);
  if (root.length === 0) return { factor: null, root, alpha: [], mean: [], variance: [] };
  const s = Matrix.diag([...root]);
  // Eigenvalues of I + √τ K √τ are 1 and above: it is positive definite.
  const b = Matrix.eye(root.length);
  for (let i = 0; i < root.length; i++)
    for (let j = 0; j < root.length; j++) b.set(i, j, b.get(i, j) + root[i]! * root[j]! * k.get(i, j));
  const factor = new CholeskyDecomposition(b);
  const site = Matrix.columnVector([...nu]);
  const alpha = Matrix.sub(site, s.mmul(factor.solve(s.mmul(k).mmul(site))));
  const scaled = s.mmul(k);
  const solved = factor.solve(scaled);
  return {
    factor,
    root,
    alpha: alpha.to1DArray(),
    mean: k.mmul(alpha).to1DArray(),
    variance: Array.from(
      root,
      (_, i) => k.get(i, i) - Matrix.mul(scaled.getColumnVector(i), solved.getColumnVector(i)).sum(),
    ),
  };
}

/** Moves the site of one censored reading to match the moments of "at least the ceiling"; returns how far it moved. */
function matchSite(
  i: number,
  ceiling: number,
  noise: number,
  state: Posterior,
  tau: Float64Array,
  nu: Float64Array,
): number {
  const precision = 1 / Math.max(state.variance[i]!, 1e-9);
  const cavityPrecision = precision - tau[i]!;
  if (cavityPrecision <= 1e-9) return 0;
  const v = 1 / cavityPrecision;
  const m = v * (precision * state.mean[i]! - nu[i]!);
  const s = Math.sqrt(v + noise);
  const z = (m - ceiling) / s;
  // φ(z)/Φ(z) by logarithms: far below the ceiling both underflow.
  const ratio = Math.exp(-0.5 * z * z - 0.5 * Math.log(2 * Math.PI) - logUpperTail(-z));
  const mean = m + (v * ratio) / s;
  const variance = Math.max(1e-9, v - ((v * v * ratio) / (s * s)) * (z + ratio));
  const newTau = Math.max(0, 1 / variance - cavityPrecision);
  const newNu = mean / variance - m * cavityPrecision;
  const moved = Math.abs(newTau - tau[i]!) / (1 + tau[i]!) + Math.abs(newNu - nu[i]!) / (1 + Math.abs(nu[i]!));
  tau[i] = tau[i]! + DAMPING * (newTau - tau[i]!);
  nu[i] = nu[i]! + DAMPING * (newNu - nu[i]!);
  return moved;
}
