import { z } from 'zod';
import { MECH_ID } from './mechanical';
import { TIRE_FAULTS } from './tire-faults';

/** What is felt or heard on the road, where in the car, and what changes it. */
export const SIGNS = ['vibration', 'whine', 'rumble', 'click', 'clunk', 'squeal', 'roar'] as const;
export type Sign = (typeof SIGNS)[number];
export const SIGN_PLACES = ['steering-wheel', 'seat', 'floor', 'pedal', 'front', 'rear'] as const;
export type SignPlace = (typeof SIGN_PLACES)[number];
/** With what it is there, or stronger. */
export const SIGN_WITHS = ['pulling', 'coasting', 'turning-left', 'turning-right', 'braking', 'bumps'] as const;
export type SignWith = (typeof SIGN_WITHS)[number];
/** Out of gear, or with the clutch down, at the same speed of the car: it stays, or it goes. */
export const SIGN_COASTS = ['stays', 'goes'] as const;

/** Where in a drive's speeds it is worst. */
export const SPEED_BANDS = ['slow', 'middle', 'fast'] as const;
export type SpeedBand = (typeof SPEED_BANDS)[number];
/** What turns that often: a wheel once, twice, its shaft, twice its shaft. */
export const ORDERS = ['wheel', 'wheel-twice', 'shaft', 'shaft-twice'] as const;
export type Order = (typeof ORDERS)[number];

const share = z.number().min(0).max(1);
export const signSourceSchema = z.object({
  name: z.string().min(3).max(80),
  /** How common it is among what drivers of such cars complain of, as a weight. */
  common: z.number().positive(),
  /** Chance of each kind, where it is felt, with what, at which speed, by how often it comes; absent: seldom. */
  is: z.partialRecord(z.enum(SIGNS), share),
  at: z.partialRecord(z.enum(SIGN_PLACES), share),
  with: z.partialRecord(z.enum(SIGN_WITHS), share),
  speed: z.partialRecord(z.enum(SPEED_BANDS), share),
  /** Chance that it stays when out of gear. */
  stays: share,
  order: z.enum(ORDERS).nullable(),
  /** Parts of the running gear that it would be, and faults of tires: seen so, it is likelier. */
  parts: z.array(z.string().regex(MECH_ID)),
  tires: z.array(z.enum(TIRE_FAULTS)),
  /** A turn to one side loads the other: it is at the side away from the turn that wakes it. */
  awayFromTurn: z.boolean(),
  /** The look that tells it. */
  look: z.string().min(5).max(200),
});
export type SignSource = z.infer<typeof signSourceSchema>;

export const signTableSchema = z.object({
  source: z.string(),
  sources: z.record(z.string().regex(/^[a-z][a-z-]*$/), signSourceSchema),
  /** Chance of what a source does not name. */
  seldom: share.refine((v) => v > 0),
  /** Bounds between slow, middle and fast, km/h. */
  boundsKmh: z.tuple([z.number().positive(), z.number().positive()]),
  /** By how much a part seen so makes its source likelier, or less likely. */
  seen: z.object({
    sound: z.number().positive(),
    worn: z.number().positive(),
    play: z.number().positive(),
    broken: z.number().positive(),
    tire: z.number().positive(),
  }),
  /** Rolling circumference where no size was read, m; turns of the shaft for one of the wheel, from and to. */
  rollingM: z.number().positive(),
  /** Rolling circumference as so many outer diameters, and section heights where a size does not say its own. */
  rolling: z.object({ perDiameter: z.number().positive(), metric: share, inches: share }),
  finalDrive: z.tuple([z.number().positive(), z.number().positive()]),
  /** How far a counted frequency may be off, as a share. */
  countedOff: z.number().positive().max(1),
  /** What each thing felt takes of how it drives, as a share of redoing it. */
  takes: share,
});
export type SignTable = z.infer<typeof signTableSchema>;

const DEFAULTS_OF = { stays: 0.9, order: null, parts: [], tires: [], awayFromTurn: false } as const;
type Given = Omit<SignSource, keyof typeof DEFAULTS_OF> & Partial<SignSource>;
const source = (given: Given): SignSource => ({
  ...DEFAULTS_OF,
  ...given,
  parts: [...(given.parts ?? [])],
  tires: [...(given.tires ?? [])],
});

/** What vibrates and sounds on the road, and as what it is known. Starting values of the house after textbook signs. */
export const DEFAULT_SIGNS: SignTable = {
  source: 'house starting values after textbook signs of vibration and noise on the road',
  sources: {
    'wheel-balance-front': source({
      name: 'a front wheel or tire out of balance or round',
      common: 3,
      is: { vibration: 0.95 },
      at: { 'steering-wheel': 0.8, front: 0.15, floor: 0.1 },
      with: {},
      speed: { slow: 0.05, middle: 0.35, fast: 0.8 },
      order: 'wheel',
      tires: ['flat-spot', 'bulge', 'feathered'],
      look: 'spin each front wheel in the air: rim and tread run true; change front wheels with rear ones',
    }),
    'wheel-balance-rear': source({
      name: 'a rear wheel or tire out of balance or round',
      common: 2,
      is: { vibration: 0.95 },
      at: { seat: 0.6, floor: 0.3, rear: 0.3 },
      with: {},
      speed: { slow: 0.05, middle: 0.35, fast: 0.8 },
      order: 'wheel',
      tires: ['flat-spot', 'bulge'],
      look: 'spin each rear wheel in the air; change front wheels with rear ones: it goes to the steering wheel',
    }),
    'tire-flat-spot': source({
      name: 'a tire flat from standing',
      common: 1.5,
      is: { vibration: 0.7, rumble: 0.4 },
      at: { 'steering-wheel': 0.4, seat: 0.4, floor: 0.3 },
      with: {},
      speed: { slow: 0.7, middle: 0.6, fast: 0.3 },
      order: 'wheel',
      tires: ['flat-spot'],
      look: 'drive it warm for twenty minutes: a flat from standing fades; feel over the tread for it',
    }),
    'tire-wear': source({
      name: 'a tire worn in steps or feathered',
      common: 1.5,
      is: { roar: 0.6, rumble: 0.5, whine: 0.1 },
      at: { front: 0.4, rear: 0.4, floor: 0.2 },
      with: { 'turning-left': 0.15, 'turning-right': 0.15 },
      speed: { slow: 0.3, middle: 0.6, fast: 0.6 },
      tires: ['feathered', 'worn-inside', 'worn-outside', 'worn-middle'],
      look: 'stroke over the treads both ways; another road surface changes the sound',
    }),
    'prop-shaft': source({
      name: 'the propeller shaft: bent, dented or out of balance',
      common: 1.2,
      is: { vibration: 0.9, roar: 0.15 },
      at: { floor: 0.6, seat: 0.6, rear: 0.2 },
      with: { pulling: 0.25, coasting: 0.2 },
      speed: { slow: 0.05, middle: 0.4, fast: 0.75 },
      order: 'shaft',
      parts: ['drive-shafts'],
      look: 'turn the shaft by hand from below: dents, lost weights, marks apart; run-out by a dial',
    }),
    'universal-joints': source({
      name: 'a universal joint of the shaft',
      common: 1.5,
      is: { vibration: 0.7, clunk: 0.4, squeal: 0.15, click: 0.15 },
      at: { floor: 0.6, seat: 0.4, rear: 0.2 },
      with: { pulling: 0.5, coasting: 0.3 },
      speed: { slow: 0.35, middle: 0.5, fast: 0.4 },
      stays: 0.7,
      order: 'shaft-twice',
      parts: ['universal-joints'],
      look: 'grip the shaft at both sides of each joint and twist: any play; rust dust at the cups',
    }),
    'constant-velocity-joints': source({
      name: 'an outer joint of a driven front wheel',
      common: 0.6,
      is: { click: 0.85, clunk: 0.2, vibration: 0.15 },
      at: { front: 0.8, 'steering-wheel': 0.2, floor: 0.1 },
      with: { 'turning-left': 0.6, 'turning-right': 0.6, pulling: 0.6 },
      speed: { slow: 0.85, middle: 0.15 },
      order: null,
      parts: ['drive-shafts'],
      awayFromTurn: true,
      look: 'full lock, walking pace, pulling: it clicks; a boot split or thrown grease beside the joint',
    }),
    'wheel-bearing': source({
      name: 'a wheel bearing',
      common: 2,
      is: { rumble: 0.7, roar: 0.35, whine: 0.2, vibration: 0.1 },
      at: { front: 0.5, rear: 0.4, floor: 0.2, 'steering-wheel': 0.1 },
      with: { 'turning-left': 0.45, 'turning-right': 0.45 },
      speed: { slow: 0.25, middle: 0.7, fast: 0.6 },
      parts: [],
      awayFromTurn: true,
      look: 'lift that wheel, spin it by hand on the spring and rock it top and bottom: rough, or it has play',
    }),
    'axle-gears': source({
      name: 'the gears of the axle',
      common: 1.5,
      is: { whine: 0.9, roar: 0.1 },
      at: { rear: 0.8, seat: 0.2, floor: 0.2 },
      with: { pulling: 0.55, coasting: 0.55 },
      speed: { slow: 0.1, middle: 0.7, fast: 0.5 },
      stays: 0.75,
      look: 'axle oil: level and metal in it; backlash at the flange by hand',
    }),
    'brake-runout': source({
      name: 'a brake disc with run-out or a drum out of round',
      common: 1.5,
      is: { vibration: 0.9, squeal: 0.1 },
      at: { pedal: 0.7, 'steering-wheel': 0.5, seat: 0.2 },
      with: { braking: 0.97 },
      speed: { slow: 0.25, middle: 0.6, fast: 0.6 },
      order: 'wheel',
      parts: ['brake.front', 'brake.rear'],
      look: 'a dial on the disc or drum; the parking brake at walking pace tells whether it is the rear',
    }),
    'brake-rubs': source({
      name: 'a brake that rubs or sticks',
      common: 0.8,
      is: { squeal: 0.7, whine: 0.1, rumble: 0.1 },
      at: { front: 0.5, rear: 0.5 },
      with: { braking: 0.3 },
      speed: { slow: 0.6, middle: 0.5, fast: 0.2 },
      parts: ['brake.front', 'brake.rear', 'parking.cables'],
      look: 'after the drive, the back of the hand near each wheel without touching: one is hotter',
    }),
    mounts: source({
      name: 'an engine or transmission mount',
      common: 1,
      is: { vibration: 0.4, clunk: 0.6 },
      at: { floor: 0.5, seat: 0.3, 'steering-wheel': 0.2, front: 0.3 },
      with: { pulling: 0.6, coasting: 0.3 },
      speed: { slow: 0.6, middle: 0.3, fast: 0.1 },
      stays: 0.15,
      parts: ['mounts.engine', 'mounts.transmission'],
      look: 'brake held, a little throttle in each direction: the engine lifts; split rubber',
    }),
    engine: source({
      name: 'the engine: uneven running or something that turns with it',
      common: 1,
      is: { vibration: 0.6, roar: 0.3, whine: 0.2 },
      at: { floor: 0.4, 'steering-wheel': 0.3, seat: 0.3, front: 0.4, pedal: 0.1 },
      with: { pulling: 0.5 },
      speed: { slow: 0.4, middle: 0.4, fast: 0.4 },
      stays: 0.1,
      look: 'standing still at the same engine speed: it is there too',
    }),
    exhaust: source({
      name: 'the exhaust: leaks, or touches the body',
      common: 1,
      is: { roar: 0.6, vibration: 0.3, clunk: 0.15 },
      at: { floor: 0.6, front: 0.2, rear: 0.3 },
      with: { pulling: 0.7, bumps: 0.2 },
      speed: { slow: 0.5, middle: 0.4, fast: 0.3 },
      stays: 0.15,
      parts: ['exhaust.pipes', 'exhaust.hangers'],
      look: 'cold, shake the pipe by hand along its length: where it touches shines',
    }),
    suspension: source({
      name: 'a joint, bush or damper of the suspension',
      common: 1.5,
      is: { clunk: 0.8, squeal: 0.3, click: 0.1 },
      at: { front: 0.5, rear: 0.4, floor: 0.2, 'steering-wheel': 0.2 },
      with: { bumps: 0.9, 'turning-left': 0.15, 'turning-right': 0.15, braking: 0.2 },
      speed: { slow: 0.8, middle: 0.4, fast: 0.1 },
      parts: ['ball-joints', 'bushes.front', 'bushes.rear', 'dampers.front', 'dampers.rear', 'steering.joints'],
      look: 'a helper rocks the car by its corners while one listens and feels at each joint, clear of the wheels',
    }),
  },
  seldom: 0.03,
  boundsKmh: [40, 80],
  seen: { sound: 0.35, worn: 2.5, play: 5, broken: 8, tire: 3 },
  rollingM: 1.95,
  rolling: { perDiameter: 3.05, metric: 0.8, inches: 0.95 },
  finalDrive: [3, 4.8],
  countedOff: 0.08,
  takes: 0.03,
};
