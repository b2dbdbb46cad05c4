import { z } from 'zod';
import { CHECKED_FLUIDS } from './fluid-states';

/** What can leak. Air is drawn in with a hiss, gas blown out of the exhaust: both are told by ear and hand. */
export const FLUIDS = [...CHECKED_FLUIDS, 'fuel', 'damper-oil', 'water', 'air', 'gas'] as const;
export type Fluid = (typeof FLUIDS)[number];

export const LEAK_AMOUNTS = ['dry', 'damp', 'wet', 'drips'] as const;
export type LeakAmount = (typeof LEAK_AMOUNTS)[number];

/** When it was looked: before the run, after it, or after standing. */
export const LEAK_WHENS = ['before', 'after', 'standing'] as const;
export type LeakWhen = (typeof LEAK_WHENS)[number];

/** What is heard to leak, and how it goes with load: drawn-in air hisses less as the throttle opens, gas blows louder. */
export const HEARD: ReadonlySet<Fluid> = new Set<Fluid>(['air', 'gas']);
export const LEAK_LOADS = ['louder', 'same', 'softer'] as const;
export type LeakLoad = (typeof LEAK_LOADS)[number];

export const LEAK_PLACE = /^[a-z][a-z-]*(\.[a-z][a-z-]*){0,3}$/;
const share = z.number().min(0).max(1);

const loads = z.object({ louder: share, same: share, softer: share });

const leakPlaceSchema = z.object({
  name: z.string().min(2).max(80),
  /** What leaks out there, and how commonly against other places; none: it only gets wet. */
  leaks: z.partialRecord(z.enum(FLUIDS), z.number().min(0).max(20)),
  /** Where it runs or is blown to from there, and how often a leak shows at that place. */
  to: z.record(z.string().regex(LEAK_PLACE), share),
  /** On the plan: a zone, share of its length from the front and of its width; null: not drawn. */
  on: z.object({ zone: z.string(), u: share, v: share }).nullable(),
  /** The ground, or a tray laid there. */
  ground: z.boolean().default(false),
});
export type LeakPlace = z.infer<typeof leakPlaceSchema>;

export const leakTableSchema = z
  .object({
    source: z.string(),
    places: z.record(z.string().regex(LEAK_PLACE), leakPlaceSchema),
    /** How cars are laid out: places that they do not have, and on which ground theirs end up. */
    templates: z.record(
      z.string().regex(/^[a-z][a-z-]*$/),
      z.object({
        without: z.array(z.string()),
        /** First words of places whose leaks end on another ground than by the table. */
        ground: z.record(z.string(), z.string().regex(LEAK_PLACE)),
      }),
    ),
    /** How makes are laid out; others as the first template. */
    makes: z.array(z.object({ make: z.string().min(1).max(80), template: z.string() })),
    /** Chance that a leak shows at its own source. */
    showsAtSource: share,
    /** Chance that a place is wet by something else: old dirt, a spill. Before the run, and after it. */
    otherwiseWet: z.object({ before: share, after: share }),
    /** How often each amount is seen where a leak shows: at its source, elsewhere, on the ground. */
    amounts: z.object({
      source: z.tuple([share, share, share]),
      elsewhere: z.tuple([share, share, share]),
      ground: z.tuple([share, share, share]),
    }),
    /** Chance that something wet comes of no leak, of one, of two at once, of three. */
    atOnce: z.tuple([share, share, share, share]),
    /** Chance that a fluid is named as what it is; and pairs that are taken for each other, with their chance. */
    named: share,
    alike: z.array(z.tuple([z.enum(FLUIDS), z.enum(FLUIDS), share])),
    /** How often what is heard gets louder, stays or gets softer with load. */
    load: z.object({ air: loads, gas: loads }),
  })
  .refine((t) => Object.values(t.places).every((p) => Object.keys(p.to).every((to) => to in t.places)), {
    message: 'leaks run between places of the table',
  })
  .refine((t) => t.makes.every((m) => m.template in t.templates), { message: 'makes have layouts of the table' })
  .refine((t) => !runsInCircles(t.places), { message: 'a leak does not run in a circle' });
export type LeakTable = z.infer<typeof leakTableSchema>;

/** Whether what runs from some place comes back to it. */
function runsInCircles(places: Readonly<Record<string, { readonly to: Readonly<Record<string, number>> }>>): boolean {
  const done = new Set<string>();
  const open = new Set<string>();
  const visit = (p: string): boolean => {
    if (open.has(p)) return true;
    if (done.has(p)) return false;
    open.add(p);
    const circle = Object.keys(places[p]?.to ?? {}).some(visit);
    open.delete(p);
    done.add(p);
    return circle;
  };
  return Object.keys(places).some(visit);
}

const [FRONT, MIDDLE, REAR] = ['floor-below.front', 'floor-below.middle', 'floor-below.rear'] as const;
type On = readonly [zone: string, u: number, v: number];
const place = (
  name: string,
  leaks: LeakPlace['leaks'],
  to: Record<string, number>,
  on: On | null = null,
): LeakPlace => ({ name, leaks, to, on: on && { zone: on[0], u: on[1], v: on[2] }, ground: false });
const ground = (name: string): LeakPlace => ({ name, leaks: {}, to: {}, on: null, ground: true });

const wheel = (side: 'left' | 'right', end: 'front' | 'rear') => ({
  [`brake.wheel.${side}.${end}`]: place(
    `${end} ${side} wheel cylinder or caliper`,
    { brake: 0.4 },
    { [end === 'front' ? FRONT : REAR]: 0.5 },
    [`wheel.${side}.${end}`, 0.5, 0.5],
  ),
  [`shock.${side}.${end}`]: place(
    `${end} ${side} damper`,
    { 'damper-oil': 0.3 },
    { [end === 'front' ? FRONT : REAR]: 0.15 },
    [`housing.${side}.${end}`, 0.5, 0.5],
  ),
});

/** What of a rear-engined car ends below its rear. */
const BEHIND = {
  engine: REAR,
  bellhousing: REAR,
  transmission: REAR,
  'clutch.slave': REAR,
  fuel: REAR,
  carburetor: REAR,
};

/** Where fluids come out and where they go. Gravity takes them down, the wind of driving back. House starting values. */
export const DEFAULT_LEAK_TABLE: LeakTable = {
  source: 'house starting values: gravity and blow-back along textbook layouts',
  places: {
    'engine.valve-cover': place(
      'valve cover',
      { 'engine-oil': 1.6 },
      { 'engine.pan': 0.45, bellhousing: 0.45, 'exhaust.manifold': 0.3 },
      ['engine', 0.55, 0.3],
    ),
    'engine.thermostat': place(
      'thermostat housing',
      { coolant: 0.6 },
      { 'engine.water-pump': 0.45, 'engine.front-seal': 0.35, 'engine.pan': 0.15 },
      ['engine', 0.12, 0.5],
    ),
    'engine.water-pump': place(
      'water pump',
      { coolant: 0.9 },
      { 'engine.front-seal': 0.55, 'engine.pan': 0.2, [FRONT]: 0.4 },
      ['engine', 0.04, 0.5],
    ),
    'engine.front-seal': place('front crankshaft seal', { 'engine-oil': 0.7 }, { 'engine.pan': 0.6, [FRONT]: 0.3 }, [
      'engine',
      0.06,
      0.65,
    ]),
    'engine.filter': place('oil filter', { 'engine-oil': 0.5 }, { 'engine.pan': 0.5, bellhousing: 0.2, [FRONT]: 0.3 }, [
      'engine',
      0.45,
      0.85,
    ]),
    'engine.intake': place('intake', { air: 0.5, coolant: 0.2, fuel: 0.1 }, { 'engine.valve-cover': 0.15 }, [
      'engine',
      0.5,
      0.5,
    ]),
    'exhaust.manifold': place('exhaust manifold', { gas: 0.7 }, {}, ['engine', 0.55, 0.12]),
    'exhaust.joint': place('exhaust joint', { gas: 0.6 }, {}, ['tunnel', 0.3, 0.5]),
    'engine.pan': place(
      'oil pan gasket',
      { 'engine-oil': 1.1 },
      { bellhousing: 0.35, 'transmission.pan': 0.15, [FRONT]: 0.6 },
      ['crossmember.front', 0.7, 0.5],
    ),
    'engine.rear-main': place('rear main seal', { 'engine-oil': 1.3 }, { bellhousing: 0.9 }, ['engine', 0.98, 0.5]),
    bellhousing: place('bell-housing', {}, { 'transmission.pan': 0.3, [FRONT]: 0.4, [MIDDLE]: 0.35 }, [
      'tunnel',
      0.02,
      0.5,
    ]),
    radiator: place('radiator', { coolant: 0.8 }, { 'hose.lower': 0.3, [FRONT]: 0.5 }, ['radiator', 0.5, 0.5]),
    'hose.upper': place('upper hose', { coolant: 0.6 }, { radiator: 0.35, 'engine.water-pump': 0.3, [FRONT]: 0.25 }, [
      'engine',
      0.02,
      0.35,
    ]),
    'hose.lower': place('lower hose', { coolant: 0.5 }, { [FRONT]: 0.6 }, ['radiator', 0.9, 0.2]),
    'hose.heater': place('heater hose', { coolant: 0.5 }, { bellhousing: 0.3, [FRONT]: 0.3 }, ['engine', 0.95, 0.2]),
    'heater.core': place('heater core', { coolant: 0.4 }, { [MIDDLE]: 0.15, [FRONT]: 0.1 }, ['bulkhead', 0.5, 0.7]),
    'transmission.front': place('front transmission seal', { transmission: 0.6 }, { bellhousing: 0.85 }, [
      'tunnel',
      0.06,
      0.5,
    ]),
    'transmission.cooler-lines': place(
      'cooler lines',
      { transmission: 0.5 },
      { 'transmission.pan': 0.4, radiator: 0.2, [FRONT]: 0.3, [MIDDLE]: 0.2 },
      ['tunnel', 0.12, 0.1],
    ),
    'transmission.pan': place(
      'transmission pan or case',
      { transmission: 0.9 },
      { 'transmission.output': 0.25, [MIDDLE]: 0.6 },
      ['tunnel', 0.25, 0.5],
    ),
    'transmission.output': place('output seal', { transmission: 0.6 }, { [MIDDLE]: 0.45 }, ['tunnel', 0.45, 0.5]),
    'clutch.master': place('clutch master cylinder', { clutch: 0.5 }, { [FRONT]: 0.15, 'clutch.line': 0.2 }, [
      'bulkhead',
      0.4,
      0.25,
    ]),
    'clutch.line': place('clutch line', { clutch: 0.2 }, { [FRONT]: 0.3, 'clutch.slave': 0.2 }, ['engine', 0.9, 0.9]),
    'clutch.slave': place('clutch slave cylinder', { clutch: 0.6 }, { bellhousing: 0.3, [MIDDLE]: 0.3, [FRONT]: 0.2 }, [
      'tunnel',
      0.03,
      0.85,
    ]),
    'axle.pinion': place('pinion seal', { differential: 0.9 }, { 'axle.cover': 0.4, [REAR]: 0.45 }, [
      'crossmember.rear',
      0.6,
      0.5,
    ]),
    'axle.cover': place('axle cover', { differential: 0.5 }, { [REAR]: 0.5 }, ['tank', 0.1, 0.5]),
    'axle.end.left': place('axle end, left', { differential: 0.5 }, { 'brake.wheel.left.rear': 0.6, [REAR]: 0.2 }, [
      'housing.left.rear',
      0.5,
      0.8,
    ]),
    'axle.end.right': place('axle end, right', { differential: 0.5 }, { 'brake.wheel.right.rear': 0.6, [REAR]: 0.2 }, [
      'housing.right.rear',
      0.5,
      0.2,
    ]),
    'brake.master': place('brake master cylinder', { brake: 0.6 }, { 'brake.line': 0.2, [FRONT]: 0.15 }, [
      'reservoir.brake',
      0.5,
      0.5,
    ]),
    'brake.line': place('brake line or hose', { brake: 0.4 }, { [FRONT]: 0.2, [MIDDLE]: 0.2, [REAR]: 0.2 }, [
      'rail.left.front',
      0.5,
      0.5,
    ]),
    ...wheel('left', 'front'),
    ...wheel('right', 'front'),
    ...wheel('left', 'rear'),
    ...wheel('right', 'rear'),
    'steering.pump': place(
      'steering pump',
      { 'power-steering': 0.6 },
      { 'steering.rack': 0.25, 'steering.box': 0.15, 'engine.pan': 0.15, [FRONT]: 0.35 },
      ['engine', 0.08, 0.9],
    ),
    'steering.box': place('steering box', { 'power-steering': 0.5, differential: 0.3 }, { [FRONT]: 0.4 }, [
      'rail.left.front',
      0.35,
      0.5,
    ]),
    'steering.rack': place('steering rack', { 'power-steering': 0.5 }, { [FRONT]: 0.4 }, [
      'crossmember.front',
      0.2,
      0.5,
    ]),
    tank: place('fuel tank', { fuel: 0.3 }, { [REAR]: 0.6 }, ['tank', 0.6, 0.5]),
    'tank.sender': place('tank sender', { fuel: 0.3 }, { tank: 0.7, [REAR]: 0.2 }, ['tank', 0.5, 0.8]),
    'fuel.line': place('fuel line', { fuel: 0.4 }, { [MIDDLE]: 0.25, [REAR]: 0.25, [FRONT]: 0.15 }, [
      'floor.left.rear',
      0.5,
      0.9,
    ]),
    'fuel.pump': place('fuel pump', { fuel: 0.4, 'engine-oil': 0.3 }, { 'engine.pan': 0.35, [FRONT]: 0.35 }, [
      'engine',
      0.25,
      0.85,
    ]),
    carburetor: place('carburetor or injection', { fuel: 0.6 }, { 'engine.intake': 0.5, 'fuel.pump': 0.1 }, [
      'engine',
      0.5,
      0.5,
    ]),
    'washer.tank': place('washer tank', { washer: 0.4 }, { [FRONT]: 0.4 }, ['apron.left', 0.3, 0.5]),
    'air-conditioning': place('air conditioning', { water: 0.5 }, { [FRONT]: 0.3, [MIDDLE]: 0.4 }, [
      'bulkhead',
      0.5,
      0.9,
    ]),
    [FRONT]: ground('ground below the front'),
    [MIDDLE]: ground('ground below the middle'),
    [REAR]: ground('ground below the rear'),
  },
  templates: {
    'front-engine': { without: [], ground: {} },
    'front-wheel-drive': {
      without: ['axle.pinion', 'axle.cover', 'axle.end.left', 'axle.end.right', 'transmission.output'],
      ground: { transmission: FRONT, bellhousing: FRONT, clutch: FRONT },
    },
    'rear-engine': {
      without: ['axle.pinion', 'axle.cover', 'transmission.output'],
      ground: BEHIND,
    },
    'rear-engine-air-cooled': {
      without: [
        'axle.pinion',
        'axle.cover',
        'transmission.output',
        'engine.thermostat',
        'engine.water-pump',
        'radiator',
        'hose.upper',
        'hose.lower',
        'hose.heater',
        'heater.core',
      ],
      ground: BEHIND,
    },
  },
  makes: [{ make: 'Tolve', template: 'rear-engine-air-cooled' }],
  showsAtSource: 0.95,
  otherwiseWet: { before: 0.1, after: 0.04 },
  amounts: { source: [0.35, 0.4, 0.25], elsewhere: [0.45, 0.35, 0.2], ground: [0.25, 0.3, 0.45] },
  atOnce: [0.04, 0.79, 0.14, 0.03],
  named: 0.88,
  alike: [
    ['transmission', 'power-steering', 0.08],
    ['engine-oil', 'differential', 0.05],
    ['engine-oil', 'transmission', 0.04],
    ['differential', 'transmission', 0.05],
    ['brake', 'clutch', 0.45],
    ['coolant', 'water', 0.06],
    ['coolant', 'washer', 0.03],
    ['washer', 'water', 0.08],
    ['damper-oil', 'engine-oil', 0.1],
    ['air', 'gas', 0.1],
  ],
  load: { air: { louder: 0.07, same: 0.25, softer: 0.68 }, gas: { louder: 0.82, same: 0.15, softer: 0.03 } },
};
