import { cholesky, solveLower, solveUpper } from '../stats/cholesky';
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
  const k = new Float64Array(n * n);
  for (let i = 0; i < n; i++)
    for (let j = 0; j < n; j++) {
      const [a, b] = [readings[i]!, readings[j]!];
      k[i * n + j] = covariance(Math.hypot(a.uMm - b.uMm, a.vMm - b.vMm), variance);
    }
  const tau = Float64Array.from(readings, (r) => (r.over ? 0 : 1 / noise));
  const nu = Float64Array.from(readings, (r) => (r.over ? 0 : (r.lnUm - level) / noise));
  let state = posterior(k, n, tau, nu);
  const over = readings.flatMap((r, i) => (r.over ? [i] : []));
  for (let sweep = 0; sweep < SWEEPS && over.length > 0; sweep++) {
    let moved = 0;
    for (const i of over) moved = Math.max(moved, matchSite(i, readings[i]!.lnUm - level, noise, state, tau, nu));
    state = posterior(k, n, tau, nu);
    if (moved < SETTLED) break;
  }
  const { l, root, alpha } = state;
  const cross = new Float64Array(n);
  const scaled = new Float64Array(n);
  return {
    n,
    at(uMm, vMm) {
      let mean = level;
      for (let i = 0; i < n; i++) {
        const r = readings[i]!;
        cross[i] = covariance(Math.hypot(r.uMm - uMm, r.vMm - vMm), variance);
        mean += cross[i]! * alpha[i]!;
        scaled[i] = root[i]! * cross[i]!;
      }
      if (n > 0) solveLower(l, n, scaled, scaled);
      let explained = 0;
      for (let i = 0; i < n; i++) explained += scaled[i]! ** 2;
      return { mean, sd: Math.sqrt(Math.max(0, variance - explained)) };
    },
  };
}

interface Posterior {
  readonly l: Float64Array;
  readonly root: Float64Array;
  readonly alpha: Float64Array;
  readonly mean: Float64Array;
  readonly variance: Float64Array;
}

/** Posterior at the readings for given site parameters (Rasmussen and Williams, eq. 3.53 to 3.56). */
function posterior(k: Float64Array, n: number, tau: Float64Array, nu: Float64Array): Posterior {
  const root = Float64Array.from(tau, Math.sqrt);
  const b = new Float64Array(n * n);
  for (let i = 0; i < n; i++)
    for (let j = 0; j < n; j++) b[i * n + j] = (i === j ? 1 : 0) + root[i]! * root[j]! * k[i * n + j]!;
  const l = cholesky(b, n) ?? new Float64Array(n * n).fill(0).map((_, i) => (i % (n + 1) === 0 ? 1 : 0));
  const kNu = new Float64Array(n);
  for (let i = 0; i < n; i++) for (let j = 0; j < n; j++) kNu[i] = kNu[i]! + k[i * n + j]! * nu[j]!;
  const w = Float64Array.from(kNu, (v, i) => v * root[i]!);
  solveLower(l, n, w, w);
  solveUpper(l, n, w, w);
  const alpha = Float64Array.from(nu, (v, i) => v - root[i]! * w[i]!);
  const mean = new Float64Array(n);
  const variance = new Float64Array(n);
  const column = new Float64Array(n);
  for (let i = 0; i < n; i++) {
    for (let j = 0; j < n; j++) {
      mean[i] = mean[i]! + k[i * n + j]! * alpha[j]!;
      column[j] = root[j]! * k[i * n + j]!;
    }
    solveLower(l, n, column, column);
    variance[i] = k[i * n + i]! - column.reduce((s, c) => s + c * c, 0);
  }
  return { l, root, alpha, mean, variance };
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
