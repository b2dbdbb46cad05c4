import type { BodyOf } from '@/core/kinds';
import { KPA_PER } from '@/core/running/pressure';

type Point = BodyOf<'log'>['points'][number];
/** A gauge of the dash: what it shows, in which unit, and which figure of the log that is. */
export interface DialKind {
  readonly name: string;
  readonly field: Exclude<keyof Point, 's'>;
  readonly unit: string;
  /** In the log's unit. */
  readonly of: (shown: number) => number;
  readonly digits: number;
}
const same = (v: number) => v;
export const DIALS = {
  'temp-c': { name: 'Temperature, °C', field: 'tempC', unit: '°C', of: same, digits: 0 },
  'temp-f': { name: 'Temperature, °F', field: 'tempC', unit: '°F', of: (v) => ((v - 32) * 5) / 9, digits: 0 },
  'oil-psi': { name: 'Oil, psi', field: 'oilKpa', unit: 'psi', of: (v) => v * KPA_PER.psi, digits: 0 },
  'oil-bar': { name: 'Oil, bar', field: 'oilKpa', unit: 'bar', of: (v) => v * KPA_PER.bar, digits: 1 },
  'oil-kpa': { name: 'Oil, kPa', field: 'oilKpa', unit: 'kPa', of: same, digits: 0 },
  volts: { name: 'Volts', field: 'volts', unit: 'V', of: same, digits: 1 },
  amps: { name: 'Amps', field: 'amps', unit: 'A', of: same, digits: 0 },
  rpm: { name: 'Speed, 1/min', field: 'rpm', unit: '1/min', of: same, digits: 0 },
  fuel: { name: 'Fuel, share', field: 'fuel', unit: 'of full', of: same, digits: 2 },
} as const satisfies Record<string, DialKind>;
export type DialName = keyof typeof DIALS;
