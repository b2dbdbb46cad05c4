import { Z_90 } from '../stats/normal';
import { normalDraw, type Random, seeded } from '../stats/random';
import type { ExposureTable, Factor, OpenStage, Range, Storage, Wasting } from './exposure-table';

/** A place that is losing metal, as the forecast needs it. */
export interface WastingSpot {
  readonly metal: Wasting;
  /** Sheet when new, mm: one figure where it was measured, else the range of such sheet. */
  readonly sheetMm: Range;
  readonly stage: OpenStage;
  /** 2 in a closed wet cavity, which is eaten from both. */
  readonly faces: 1 | 2;
  /** Aluminium that touches steel there. */
  readonly galvanic?: boolean;
  readonly moving?: 'steady' | 'active' | 'unknown';
  readonly treated?: boolean;
}

/** Years until through at 10, 50 and 90 %; null: beyond the horizon. */
export interface YearsToThrough {
  readonly p10: number | null;
  readonly p50: number | null;
  readonly p90: number | null;
}

export interface CarForecast {
  readonly storage: Storage;
  /** In the order of the spots. */
  readonly spots: readonly YearsToThrough[];
  /** Until the first of them is through. */
  readonly first: YearsToThrough;
}

export interface ForecastOptions {
  readonly storages: readonly Storage[];
  readonly seed: number;
  readonly draws: number;
  /** Told now and then how far it is, 0 to 1; false stops the work. */
  readonly onProgress?: (share: number) => boolean;
}

// Looked up once: they run for every draw.
const { pow, exp, log, max, min } = Math;

/**
 * Years until a sheet is through, all given as points: the depth left over (sheet − present, mm) is lost after
 * t = (left / (first-year loss × factor × faces))^(1/b), the inverse of D = r₁·tᵇ (ISO 9224, its equation for the loss of
 * a face). `rateUm` is the loss of one face in the first year, µm. 0 where nothing is left, Infinity where nothing is lost.
 */
export function yearsUntilThrough(leftMm: number, rateUm: number, exponent: number): number {
  if (leftMm <= 0) return 0;
  if (rateUm <= 0) return Number.POSITIVE_INFINITY;
  return pow((1000 * leftMm) / rateUm, 1 / exponent);
}

const within = ([low, high]: Range, u: number) => low + (high - low) * u;
/** A log-normal factor whose median and 10 and 90 % points are those of the table. */
const spreadOf = ({ median, low, high }: Factor, z: number) =>
  median * exp((z * log(z < 0 ? median / low : high / median)) / Z_90);

/** What one spot is at one draw: depth left, loss in the first year per µm of the place's, and years of grace. */
interface Drawn {
  readonly left: Float64Array;
  readonly times: Float64Array;
  readonly grace: Float64Array;
}

/** The same random numbers are spent whatever the spot is, so that a lever moves every draw one way. */
function drawSpot(spot: WastingSpot, t: ExposureTable, random: Random, n: number): Drawn {
  const [left, times, grace] = [new Float64Array(n), new Float64Array(n), new Float64Array(n)];
  const pitted = spot.stage !== 'film';
  for (let i = 0; i < n; i++) {
    const sheet = within(spot.sheetMm, random());
    left[i] = max(0, sheet - within(t.presentMm[spot.stage], random()));
    const [pit, touch, calm, held] = [normalDraw(random), normalDraw(random), normalDraw(random), random()];
    const contact = spot.metal === 'aluminium' && spot.galvanic ? max(1, spreadOf(t.galvanic, touch)) : 1;
    times[i] =
      spot.faces *
      (pitted ? max(1, spreadOf(t.pitting, pit)) : 1) *
      contact *
      (spot.moving === 'steady' ? min(1, spreadOf(t.steady, calm)) : 1);
    grace[i] = spot.treated ? within(t.treatedYears, held) : 0;
  }
  return { left, times, grace };
}

/** Points of sorted years; what lies beyond the horizon is not said. */
function pointsOf(years: Float64Array, horizon: number): YearsToThrough {
  years.sort();
  const at = (p: number) => {
    const value = years[min(years.length - 1, Math.floor(p * years.length))]!;
    return value > horizon ? null : value;
  };
  return { p10: at(0.1), p50: at(0.5), p90: at(0.9) };
}

/**
 * When places will be through, for each storage side by side, and when the first of them will: seeded draws of the sheet,
 * the depth lost so far, the first-year loss of the place (one draw for the whole car), pitting, contact, and how far it
 * moves. A screening model after ISO 9223 and ISO 9224: it ranks places and storage, and promises nothing. Null when it was
 * stopped; no spots give no spots and a first hole beyond the horizon.
 */
export function forecast(
  spots: readonly WastingSpot[],
  t: ExposureTable,
  options: ForecastOptions,
): CarForecast[] | null {
  const { storages, seed, draws: n, onProgress } = options;
  const place = seeded(seed);
  const climate = Float64Array.from({ length: n }, () => place());
  const years = storages.map(() => spots.map((): YearsToThrough => ({ p10: null, p50: null, p90: null })));
  const first = storages.map(() => new Float64Array(n).fill(Number.POSITIVE_INFINITY));
  const now = new Float64Array(n);
  for (const [s, spot] of spots.entries()) {
    if (onProgress && !onProgress(s / spots.length)) return null;
    const drawn = drawSpot(spot, t, seeded(seed + 1 + s), n);
    for (const [k, storage] of storages.entries()) {
      const rate = t.firstYearUm[spot.metal][storage];
      const b = t.exponent[spot.metal];
      const soonest = first[k]!;
      for (let i = 0; i < n; i++) {
        const y = yearsUntilThrough(drawn.left[i]!, within(rate, climate[i]!) * drawn.times[i]!, b);
        now[i] = y === 0 ? 0 : y + drawn.grace[i]!;
        if (now[i]! < soonest[i]!) soonest[i] = now[i]!;
      }
      years[k]![s] = pointsOf(now, t.horizonYears);
    }
  }
  return storages.map((storage, k) => ({ storage, spots: years[k]!, first: pointsOf(first[k]!, t.horizonYears) }));
}
