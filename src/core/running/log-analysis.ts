import type { Estimate } from '../stats/estimate';
import { leastSquares } from '../stats/least-squares';
import type { LogTable, RunBands } from './log-table';

/** One moment of a run: seconds since the first turn, and what was read then; null: not read. */
export interface LogPoint {
  readonly s: number;
  readonly rpm: number | null;
  readonly oilKpa: number | null;
  readonly tempC: number | null;
  readonly volts: number | null;
}

export const LOG_REFUSALS = ['too-short', 'too-few', 'no-rise', 'no-bend', 'speed-not-varied', 'not-warm'] as const;
export type LogRefusal = (typeof LOG_REFUSALS)[number];
type Told<T> = ({ readonly ok: true } & T) | { readonly ok: false; readonly reason: LogRefusal };

/** Where the temperature bends over: when, at what level, and whether it still climbs after. */
export type Thermostat = Told<{
  readonly openedAtS: number;
  readonly levelC: Estimate;
  readonly creepCPerMin: Estimate;
  readonly verdict: 'in-band' | 'early' | 'late' | 'climbs';
}>;
/** Oil pressure by speed and temperature, at idle and fast when warm. */
export type OilPressure = Told<{
  readonly idleKpa: Estimate;
  readonly fastKpa: Estimate;
  readonly kpaPer1000Rpm: Estimate;
  readonly kpaPer10C: Estimate;
  readonly verdict: 'in-band' | 'low' | 'high' | 'does-not-rise';
}>;
export type Charging = Told<{
  readonly volts: Estimate;
  readonly vPerH: Estimate;
  readonly verdict: 'in-band' | 'none' | 'over' | 'sags';
}>;

export interface LogAnswer {
  readonly seconds: number;
  readonly thermostat: Thermostat;
  readonly oil: OilPressure;
  readonly charging: Charging;
  /** Gauges that moved as they should: that their readings differ by more than a needle's width. */
  readonly moved: Readonly<Record<'rpm' | 'oilKpa' | 'tempC' | 'volts', boolean | null>>;
}

type Series = readonly (readonly [s: number, value: number])[];

const seriesOf = (points: readonly LogPoint[], of: 'rpm' | 'oilKpa' | 'tempC' | 'volts'): Series =>
  points.flatMap((p) => {
    const v = p[of];
    return v === null ? [] : [[p.s, v] as const];
  });

/** The least that a needle must move to have moved, in its own unit. */
const MOVES = { rpm: 200, oilKpa: 20, tempC: 5, volts: 0.2 } as const;

const refused = (reason: LogRefusal) => ({ ok: false, reason }) as const;
/** A bend must explain the course better than a line by this factor of squares. */
const BEND_EXPLAINS = 1.6;
/** Thermostats hang a little: a level counts as out of its band beyond that, °C. */
const HANGS_C = 2;

/** Most places at which a bend is searched for: an instrument's thousand readings are gathered into so many means. */
const MOST_PLACES = 240;

/** A long series as means of neighbours, in order; a short one as it is. */
function gathered(series: Series): Series {
  const size = Math.ceil(series.length / MOST_PLACES);
  if (size <= 1) return series;
  return Array.from({ length: Math.ceil(series.length / size) }, (_, i) => {
    const part = series.slice(i * size, (i + 1) * size);
    const mean = (of: 0 | 1) => part.reduce((sum, p) => sum + p[of], 0) / part.length;
    return [mean(0), mean(1)] as const;
  });
}

function enough(series: Series, t: LogTable): LogRefusal | null {
  if (series.length < t.leastPoints) return 'too-few';
  return series[series.length - 1]![0] - series[0]![0] < t.leastS ? 'too-short' : null;
}

/**
 * The bend of the warm-up: a broken line of two slopes, its place searched over the points (segmented regression; Seber &
 * Wild, Nonlinear Regression, ch. 9). Refuses short logs, a temperature that hardly rose, and one that never bent.
 */
function thermostatOf(all: Series, { thermostatC: [low, high] }: RunBands, t: LogTable): Thermostat {
  const short = enough(all, t);
  if (short) return refused(short);
  const temp = gathered(all);
  const values = temp.map(([, v]) => v);
  if (Math.max(...values) - values[0]! < t.leastRiseC) return refused('no-rise');
  const line = leastSquares(
    temp.map(([s]) => [1, s]),
    values,
  );
  let best: { at: number; fit: NonNullable<ReturnType<typeof leastSquares>> } | null = null;
  for (let i = 2; i < temp.length - 2; i++) {
    const at = temp[i]![0];
    const fit = leastSquares(
      temp.map(([s]) => [1, Math.min(0, s - at), Math.max(0, s - at)]),
      values,
    );
    if (fit && (!best || fit.rss < best.fit.rss)) best = { at, fit };
  }
  if (!best || !line || line.rss < BEND_EXPLAINS * best.fit.rss) return refused('no-bend');
  const [level, before, after] = best.fit.coefficients as [Estimate, Estimate, Estimate];
  if (before.value! <= 2 * Math.max(0, after.value!)) return refused('no-bend');
  const perMin = (e: Estimate): Estimate => ({ value: e.value! * 60, low: e.low! * 60, high: e.high! * 60, n: e.n });
  const creep = perMin(after);
  // Where it settles: the mean after the bend, which may lie above the corner.
  const settled = temp.filter(([s]) => s >= best.at).map(([, v]) => v);
  const mean = settled.reduce((s, v) => s + v, 0) / settled.length;
  const half = (level.high! - level.low!) / 2;
  const levelC = { value: mean, low: mean - half, high: mean + half, n: settled.length };
  const verdict =
    creep.low! > t.creepCPerMin
      ? 'climbs'
      : levelC.high < low - HANGS_C
        ? 'early'
        : levelC.low > high + HANGS_C
          ? 'late'
          : 'in-band';
  return { ok: true, openedAtS: best.at, levelC, creepCPerMin: creep, verdict };
}

/** Oil pressure as a plane over speed and temperature, read at idle and fast where it is warm. */
function oilOf(points: readonly LogPoint[], bands: RunBands, t: LogTable): OilPressure {
  const own = points.filter((p) => p.oilKpa !== null && p.rpm !== null && p.tempC !== null && p.rpm > 0);
  const short = enough(
    own.map((p) => [p.s, p.oilKpa!]),
    t,
  );
  if (short) return refused(short);
  const speeds = own.map((p) => p.rpm!);
  if (Math.max(...speeds) - Math.min(...speeds) < t.leastRpmSpread) return refused('speed-not-varied');
  const temps = own.map((p) => p.tempC!).sort((a, b) => b - a);
  // Warm as it gets: the middle of the warmest third, so that one needle read high does not count.
  const warmest = temps[Math.floor(temps.length / 6)]!;
  if (warmest < bands.thermostatC[0] - 15) return refused('not-warm');
  const at = (rpm: number) =>
    leastSquares(
      own.map((p) => [1, (p.rpm! - rpm) / 1000, (p.tempC! - warmest) / 10]),
      own.map((p) => p.oilKpa!),
    );
  const [idle, fast] = [at(bands.idleRpm), at(bands.fastRpm)];
  if (!idle || !fast) return refused('too-few');
  const [idleKpa, kpaPer1000Rpm, kpaPer10C] = idle.coefficients as [Estimate, Estimate, Estimate];
  const fastKpa = fast.coefficients[0]!;
  const verdict =
    idleKpa.high! < bands.oilIdleKpa[0] || fastKpa.high! < bands.oilFastKpa[0]
      ? 'low'
      : kpaPer1000Rpm.high! <= 0
        ? 'does-not-rise'
        : idleKpa.low! > bands.oilIdleKpa[1] || fastKpa.low! > bands.oilFastKpa[1]
          ? 'high'
          : 'in-band';
  return { ok: true, idleKpa, fastKpa, kpaPer1000Rpm, kpaPer10C, verdict };
}

/** Charging by the voltage while it runs: its level and whether it sags. */
function chargingOf(volts: Series, { chargingV: [low, high] }: RunBands, t: LogTable): Charging {
  const short = enough(volts, t);
  if (short) return refused(short);
  const middle = volts.reduce((s, [at]) => s + at, 0) / volts.length;
  const fit = leastSquares(
    volts.map(([s]) => [1, (s - middle) / 3600]),
    volts.map(([, v]) => v),
  );
  if (!fit) return refused('too-few');
  const [level, vPerH] = fit.coefficients as [Estimate, Estimate];
  const verdict =
    level.high! < low - 0.03 * low
      ? 'none'
      : vPerH.high! < -t.sagVPerH
        ? 'sags'
        : level.low! > high
          ? 'over'
          : 'in-band';
  return { ok: true, volts: level, vPerH, verdict };
}

/** What a log of a run says: thermostat, oil pressure, charging, and whether the gauges moved. Points in any order. */
export function analyseLog(points: readonly LogPoint[], bands: RunBands, t: LogTable): LogAnswer {
  const all = [...points].sort((a, b) => a.s - b.s);
  const moved = (of: keyof typeof MOVES) => {
    const v = seriesOf(all, of).map(([, x]) => x);
    return v.length < 3 ? null : Math.max(...v) - Math.min(...v) > MOVES[of];
  };
  const running = all.filter((p) => p.rpm === null || p.rpm > 0);
  return {
    seconds: all.length === 0 ? 0 : all[all.length - 1]!.s - all[0]!.s,
    thermostat: thermostatOf(seriesOf(running, 'tempC'), bands, t),
    oil: oilOf(running, bands, t),
    charging: chargingOf(seriesOf(running, 'volts'), bands, t),
    moved: { rpm: moved('rpm'), oilKpa: moved('oilKpa'), tempC: moved('tempC'), volts: moved('volts') },
  };
}
