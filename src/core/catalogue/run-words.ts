/** What is noted of a start. */
export const CRANKS = ['strong', 'slow', 'none'] as const;
export const CATCHES = ['at-once', 'after-a-while', 'not'] as const;
export const CHOKES = ['used', 'not-needed', 'none-fitted'] as const;
export const SMOKES = ['none', 'blue', 'black', 'white'] as const;
export const SMOKE_COURSES = ['puff', 'fades', 'stays', 'on-throttle'] as const;
export const RUN_NOISES = ['top-end', 'knock', 'chain', 'belt', 'exhaust', 'hiss', 'whine', 'misfire'] as const;
export const BLOW_BYS = ['none', 'some', 'strong'] as const;
export type Smoke = (typeof SMOKES)[number];
export type SmokeCourse = (typeof SMOKE_COURSES)[number];
export type RunNoise = (typeof RUN_NOISES)[number];

/** What must be answered before a car is driven; the order in which it is asked. */
export const GATE_ASKS = [
  'leave',
  'insured',
  'brakes',
  'brake-fluid',
  'steering',
  'tires',
  'lamps',
  'wipers',
  'warning-lamps',
  'weather',
] as const;
export type GateAsk = (typeof GATE_ASKS)[number];

/** What is noted of a drive. */
export const ROAD_ITEMS = [
  'clutch',
  'shifts-up',
  'shifts-down',
  'reverse',
  'pulls-well',
  'runs-clean',
  'tracks-straight',
  'brakes-straight',
  'pedal-firm',
  'steering-play',
  'axle-quiet',
  'bearings-quiet',
  'exhaust-quiet',
  'no-vibration',
  'temperature-holds',
  'pressure-holds',
  'speedometer',
  'odometer-moves',
  'overdrive',
  'hot-restart',
] as const;
export type RoadItem = (typeof ROAD_ITEMS)[number];
export const ROAD_STATES = ['good', 'poor', 'bad'] as const;
export type RoadState = (typeof ROAD_STATES)[number];
