import type { LogPoint } from '../core/running/log-analysis';
import { normalDraw, seeded } from '../core/stats/random';

/** How a made engine really is. */
export interface EngineTruth {
  readonly ambientC: number;
  /** Where the thermostat holds it; null: stuck shut, so that it climbs on. */
  readonly thermostatC: number | null;
  readonly cPerMin: number;
  /** Oil pressure at 800/min and 20 °C, kPa; what 1000/min add; what 10 °C take. */
  readonly oilKpa: number;
  readonly per1000Rpm: number;
  readonly per10C: number;
  readonly volts: number;
  readonly sagVPerH: number;
}

export const SOUND_ENGINE: EngineTruth = {
  ambientC: 9,
  thermostatC: 86,
  cPerMin: 8,
  oilKpa: 380,
  per1000Rpm: 120,
  per10C: 24,
  volts: 14.1,
  sagVPerH: 0,
};

/** What hands at the dash would read: the engine's speed is raised now and then, needles are read with a little error. */
export function madeLog(truth: EngineTruth, minutes: number, everyS: number, seed: number): LogPoint[] {
  const random = seeded(seed);
  const noise = (sd: number) => sd * normalDraw(random);
  const out: LogPoint[] = [];
  for (let s = 20; s <= minutes * 60; s += everyS) {
    const climbing = truth.ambientC + (truth.cPerMin * s) / 60;
    const temp = truth.thermostatC === null ? climbing : Math.min(truth.thermostatC, climbing);
    const rpm = Math.floor(s / 120) % 2 === 1 ? 2000 : 850;
    const oil = truth.oilKpa + truth.per1000Rpm * ((rpm - 800) / 1000) - truth.per10C * ((temp - 20) / 10);
    out.push({
      s,
      rpm: Math.round(rpm + noise(25)),
      tempC: Math.round(temp + noise(1.2)),
      oilKpa: Math.max(0, Math.round(oil + noise(10))),
      volts: Math.round((truth.volts - (truth.sagVPerH * s) / 3600 + noise(0.05)) * 100) / 100,
    });
  }
  return out;
}
