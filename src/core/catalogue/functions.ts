import { z } from 'zod';
import { STYLES } from '../body/styles';
import { FITTINGS } from '../body/styles/options';

export const FUNCTION_STATES = ['works', 'poor', 'dead', 'untried', 'absent', 'disconnected'] as const;
export type FunctionState = (typeof FUNCTION_STATES)[number];

/** Whether a function was tried. One that is not fitted, or of which it was said why nobody tried it, was not. */
export const wasTried = (state: FunctionState): boolean => state !== 'untried' && state !== 'absent';

/** A function's slug: `clock`, `lamp.head.low`, or with side and end, `window.left.front`. */
export const FUNCTION_ID = /^[a-z][a-z-]*(\.[a-z][a-z-]*){0,3}$/;

/** Why a thing was not tried. */
export const UNTRIED_BECAUSE = [
  'no-power',
  'no-key',
  'not-running',
  'not-safe',
  'owner',
  'weather',
  'time',
  'fragile',
] as const;
export type UntriedBecause = (typeof UNTRIED_BECAUSE)[number];

const functionSchema = z.object({
  name: z.string().min(2).max(60),
  /** Zones at which it is tried: patterns with * for either side; for sided functions each zone makes one of it. */
  zones: z.array(z.string().regex(/^[a-z*]+(\.[a-z*]+){0,3}$/)).min(1),
  /** Whether each of those zones has one of its own, told by side and end. */
  sided: z.boolean().default(false),
  styles: z.array(z.enum(STYLES.map((s) => s.slug) as [string, ...string[]])).default([]),
  /** Only where that is fitted. */
  fitted: z.enum(FITTINGS).optional(),
  /** Most cars of the kind have it; of others it is first asked whether they do. */
  usual: z.boolean().default(true),
  /** Share of redoing the function of its place that putting it right takes. */
  share: z.number().min(0).max(1),
  /** Driving depends on it. */
  safety: z.boolean().default(false),
  /** It is timed: how long it takes, and from how many seconds on it is slow. */
  slowFromS: z.number().positive().nullable().default(null),
  /** It is seen from outside: whoever stands there says what lights, moves or sounds. */
  outside: z.boolean().default(false),
});
export type FunctionRow = z.infer<typeof functionSchema>;

export const functionTableSchema = z.object({
  source: z.string(),
  functions: z.record(z.string().regex(FUNCTION_ID), functionSchema),
  /** In which order they are tried by two people, one at the controls and one outside. */
  order: z.array(z.string().regex(FUNCTION_ID)),
  /** Share of what a dead one costs that one of each state does. */
  states: z.object({
    poor: z.number().min(0).max(1),
    dead: z.number().min(0).max(1),
    disconnected: z.number().min(0).max(1),
  }),
});
export type FunctionTable = z.infer<typeof functionTableSchema>;

type More = Partial<Omit<FunctionRow, 'name' | 'zones' | 'share'>>;
const row = (name: string, zones: string | readonly string[], share: number, more: More = {}): FunctionRow => ({
  name,
  zones: typeof zones === 'string' ? [zones] : [...zones],
  share,
  sided: false,
  styles: [],
  usual: true,
  safety: false,
  slowFromS: null,
  outside: false,
  ...more,
});
const DASH = 'dash';
const SEEN = { outside: true } as const;
const SAFE = { safety: true } as const;
const SIDED = { sided: true } as const;
const RARE = { usual: false } as const;

const FUNCTIONS: Readonly<Record<string, FunctionRow>> = {
  starter: row('starter', 'engine', 0.05),
  horn: row('horn', 'steering', 0.1, { ...SAFE, ...SEEN }),
  'warning-lamps': row('warning lamps', DASH, 0.06, SAFE),
  'lamp.side': row('side lamps', 'lamp.*.head', 0.15, { ...SAFE, ...SEEN }),
  'lamp.head.low': row('head lamps, low', 'lamp.*.head', 0.3, { ...SAFE, ...SEEN }),
  'lamp.head.high': row('head lamps, high', 'lamp.*.head', 0.25, { ...SAFE, ...SEEN }),
  'lamp.tail': row('tail lamps', 'lamp.*.tail', 0.25, { ...SAFE, ...SEEN }),
  'lamp.plate': row('plate lamp', 'lamp.*.tail', 0.08, SEEN),
  'lamp.fog': row('fog lamps', 'lamp.*.head', 0.1, { ...SEEN, ...RARE }),
  'lamp.turn': row('turn signals', 'lamp.*.tail', 0.25, { ...SAFE, ...SEEN }),
  'lamp.hazard': row('hazard lamps', 'lamp.*.tail', 0.1, SEEN),
  'lamp.brake': row('brake lamps', 'lamp.*.tail', 0.3, { ...SAFE, ...SEEN }),
  'lamp.reverse': row('reverse lamps', 'lamp.*.tail', 0.1, SEEN),
  wipers: row('wipers and their park', DASH, 0.08, { ...SAFE, ...SEEN }),
  'washers.pump': row('washer pump', DASH, 0.03),
  'washers.spray': row('washer jets', DASH, 0.02, SEEN),
  'lamp.dash': row('dash lamps', DASH, 0.05),
  'lamp.courtesy': row('courtesy lamps', DASH, 0.03),
  'gauge.fuel': row('fuel gauge', DASH, 0.06),
  'gauge.temperature': row('temperature gauge', DASH, 0.06),
  'gauge.oil': row('oil gauge or lamp', DASH, 0.06),
  'gauge.charge': row('charge gauge or lamp', DASH, 0.05),
  'gauge.speed': row('speedometer', DASH, 0.08),
  'gauge.tachometer': row('tachometer', DASH, 0.07, RARE),
  odometer: row('odometer', DASH, 0.06),
  clock: row('clock', DASH, 0.05),
  radio: row('radio', DASH, 0.05),
  lighter: row('lighter', DASH, 0.02),
  glovebox: row('glove-box lid and lamp', DASH, 0.03),
  'heater.fan': row('heater fan', DASH, 0.08),
  'heater.control': row('heater controls', DASH, 0.06),
  defroster: row('defroster', DASH, 0.05, SAFE),
  'air-conditioning': row('air conditioning, cold', DASH, 0.3, RARE),
  cruise: row('cruise', DASH, 0.08, RARE),
  aerial: row('power aerial', DASH, 0.05, { ...RARE, ...SEEN }),
  'seat.power': row('power seat', 'seat.*.front', 0.4, RARE),
  window: row('window', ['glass.*.front', 'glass.*.rear'], 0.7, { ...SIDED, slowFromS: 8 }),
  'door.inside': row('door from inside', ['door.*.front', 'door.*.rear'], 0.2, SIDED),
  'door.outside': row('door from outside', ['door.*.front', 'door.*.rear'], 0.2, SIDED),
  lock: row('lock with its key', ['door.*.front', 'door.*.rear'], 0.2, SIDED),
  mirror: row('mirror', 'door.*.front', 0.1, SIDED),
  'seat-belt': row('seat belt', ['seat.*.front', 'seat.*.rear'], 0.3, { ...SIDED, ...SAFE }),
  top: row('soft top', 'top', 0.8, { styles: ['convertible'], slowFromS: 30 }),
  sunroof: row('sliding roof', 'sunroof', 0.8, { fitted: 'sunroof', slowFromS: 15 }),
  'parking-brake': row('parking brake', 'steering', 0.3, SAFE),
  'key-alarm': row('key alarm', DASH, 0.02, RARE),
};

/** What should work on a car, and how it is tried. Starting values of the house. */
export const DEFAULT_FUNCTIONS: FunctionTable = {
  source: 'house starting values: share of redoing the functions of a place',
  functions: FUNCTIONS,
  order: Object.keys(FUNCTIONS),
  states: { poor: 0.5, dead: 1, disconnected: 0.8 },
};
