import { z } from 'zod';
import { FITTINGS } from '../body/styles/options';

/** How a car is built: it decides where it rusts. */
export const CONSTRUCTIONS = ['frame', 'unitary', 'aluminium-on-steel', 'glass-fibre', 'wood'] as const;
export type Construction = (typeof CONSTRUCTIONS)[number];

export const WEAK_SPOT_ID = /^[a-z][a-z0-9-]{1,40}$/;

const place = z.tuple([z.number().min(0).max(1), z.number().min(0).max(1)]);

export const weakSpotSchema = z.object({
  /** Where, in plain words: "bottom, behind the wheel". */
  where: z.string().min(2).max(120),
  /** Zones that have it: a slug with * for either side, such as fender.* */
  zones: z.array(z.string().regex(/^[a-z*]+(\.[a-z*]+){0,3}$/)).min(1),
  /** Constructions that have it. */
  builds: z.array(z.enum(CONSTRUCTIONS)).min(1),
  /** Where on the zone: share of its length from the front, share of its height from below. */
  at: place,
  /** Chance that a car of middling age has lost metal there. */
  chance: z.number().min(0.01).max(0.95),
  /** Only where that is fitted. */
  fitted: z.enum(FITTINGS).optional(),
});
export type WeakSpot = z.infer<typeof weakSpotSchema>;

/** Water runs from one to the other: on the same side of the car where both have one. */
export const waterSchema = z.object({ from: z.string().regex(WEAK_SPOT_ID), to: z.string().regex(WEAK_SPOT_ID) });

export const weakTableSchema = z
  .object({
    source: z.string(),
    spots: z.record(z.string().regex(WEAK_SPOT_ID), weakSpotSchema),
    water: z.array(waterSchema),
    /** How a make or one of its models is built, and which spots of it are worse than the rule: their chance times that. */
    models: z.array(
      z.object({
        make: z.string().min(1).max(80),
        model: z.string().max(120),
        build: z.enum(CONSTRUCTIONS),
        worse: z.record(z.string().regex(WEAK_SPOT_ID), z.number().min(0.1).max(10)),
      }),
    ),
    /** How much likelier a spot gets when one that shares its water is found, as odds. */
    lift: z.number().min(1).max(50),
  })
  .refine((t) => t.water.every((w) => w.from in t.spots && w.to in t.spots), 'water runs between spots of the table');
export type WeakTable = z.infer<typeof weakTableSchema>;

const METAL: Construction[] = ['frame', 'unitary', 'wood'];
const STEEL_BODY: Construction[] = ['frame', 'unitary'];
const ALL_STEEL: Construction[] = ['frame', 'unitary', 'wood', 'aluminium-on-steel'];

const spot = (
  where: string,
  zones: string[],
  builds: Construction[],
  at: [number, number],
  chance: number,
  fitted?: 'vinylRoof' | 'sunroof' | 'skirts',
): WeakSpot => ({ where, zones, builds, at, chance, ...(fitted && { fitted }) });

/** Where bodies begin to rust, and which places share their water. Starting values of the house. */
export const DEFAULT_WEAK_TABLE: WeakTable = {
  source: 'house starting values; textbook weak places by construction, made-up models of the demo world',
  spots: {
    'fender-bottom': spot('bottom, behind the wheel', ['fender.*'], STEEL_BODY, [0.9, 0.06], 0.45),
    eyebrow: spot('above the headlamp', ['fender.*'], STEEL_BODY, [0.06, 0.82], 0.2),
    'wheel-lip': spot('lip of the wheel arch', ['quarter.*', 'bed.*'], STEEL_BODY, [0.5, 0.4], 0.4),
    'rocker-front': spot('front end', ['rocker.*'], METAL, [0.06, 0.3], 0.4),
    'rocker-rear': spot('rear end', ['rocker.*'], METAL, [0.94, 0.3], 0.4),
    'rocker-inner': spot('pinch weld and drains', ['rocker.*.inner'], METAL, [0.5, 0.5], 0.4),
    'door-bottom': spot('bottom seam and drains', ['door.*.front', 'door.*.rear'], METAL, [0.5, 0.05], 0.4),
    'door-galvanic': spot(
      'where the skin touches steel: bottom seam, hinge line, round the handle',
      ['door.*.front', 'door.*.rear', 'tailgate'],
      ['aluminium-on-steel'],
      [0.5, 0.05],
      0.6,
    ),
    'quarter-bottom': spot('bottom, behind the wheel', ['quarter.*'], STEEL_BODY, [0.92, 0.08], 0.4),
    'hinge-pillar': spot('below the lower hinge', ['pillar.*.a'], METAL, [0.2, 0.1], 0.2),
    'cowl-drain': spot('its drain', ['cowl'], METAL, [0.5, 0.5], 0.3),
    'screen-base': spot('base and corners of the screen', ['cowl'], METAL, [0.95, 0.5], 0.25),
    'rear-window-base': spot('below the rear window', ['deck'], STEEL_BODY, [0.03, 0.5], 0.25),
    'vinyl-edge': spot('along the edge of the vinyl', ['roof'], STEEL_BODY, [0.97, 0.5], 0.55, 'vinylRoof'),
    'sunroof-drain': spot('drains at the corners', ['sunroof'], STEEL_BODY, [0.05, 0.05], 0.4, 'sunroof'),
    'boot-lip': spot('lower lip', ['deck', 'hatch', 'tailgate'], STEEL_BODY, [0.97, 0.5], 0.25),
    'boot-floor': spot('corners over the wheel tubs', ['trunk.floor', 'trunk.*'], METAL, [0.1, 0.1], 0.3),
    'spare-well': spot('bottom of the well', ['trunk.well'], METAL, [0.5, 0.5], 0.4),
    'trunk-gutter': spot('gutter below the seal', ['trunk.gutter'], STEEL_BODY, [0.5, 0.5], 0.25),
    'floor-front': spot('outer front corner', ['floor.*.front', 'footwell.*'], METAL, [0.1, 0.1], 0.4),
    'floor-rear': spot('outer rear corner', ['floor.*.rear'], METAL, [0.9, 0.1], 0.3),
    'bulkhead-foot': spot('foot of the bulkhead', ['footwell.*', 'bulkhead'], ['aluminium-on-steel'], [0.5, 0.1], 0.45),
    'frame-end': spot(
      'end and body mount',
      ['rail.*.rear'],
      ['frame', 'aluminium-on-steel', 'wood'],
      [0.92, 0.5],
      0.35,
    ),
    outrigger: spot('lower face', ['outrigger.*.front', 'outrigger.*.rear'], ALL_STEEL, [0.5, 0.3], 0.4),
    'rail-front': spot('at the steering mount', ['rail.*.front'], ALL_STEEL, [0.6, 0.5], 0.2),
    'rail-rear': spot('spring mounts and kick-up', ['rail.*.rear'], ['unitary'], [0.4, 0.5], 0.3),
    'cross-end': spot(
      'ends',
      ['crossmember.front', 'crossmember.rear'],
      ALL_STEEL.concat('glass-fibre'),
      [0.5, 0.05],
      0.25,
    ),
    'battery-tray': spot('below the battery', ['battery'], ALL_STEEL.concat('glass-fibre'), [0.5, 0.5], 0.4),
    'plate-behind': spot('behind the plate', ['panel.rear', 'valance.front'], STEEL_BODY, [0.5, 0.5], 0.2),
    'tank-strap': spot('under the straps', ['tank'], ALL_STEEL.concat('glass-fibre'), [0.3, 0.5], 0.3),
    'backbone-fork': spot(
      'lower flange at the cross-member',
      ['fork.*.front', 'fork.*.rear', 'backbone'],
      ['glass-fibre'],
      [0.5, 0.3],
      0.4,
    ),
    'wood-sill': spot(
      'wood of the sill and door post, soft or wet',
      ['rocker.*', 'pillar.*.a'],
      ['wood'],
      [0.5, 0.5],
      0.4,
    ),
    'wood-roof': spot('wood at the roof’s edge', ['headliner'], ['wood'], [0.5, 0.1], 0.3),
  },
  water: [
    { from: 'rear-window-base', to: 'boot-floor' },
    { from: 'vinyl-edge', to: 'rear-window-base' },
    { from: 'boot-floor', to: 'quarter-bottom' },
    { from: 'trunk-gutter', to: 'boot-floor' },
    { from: 'boot-floor', to: 'spare-well' },
    { from: 'cowl-drain', to: 'floor-front' },
    { from: 'screen-base', to: 'floor-front' },
    { from: 'floor-front', to: 'rocker-front' },
    { from: 'floor-front', to: 'rocker-inner' },
    { from: 'rocker-inner', to: 'rocker-rear' },
    { from: 'door-bottom', to: 'rocker-front' },
    { from: 'sunroof-drain', to: 'floor-front' },
    { from: 'cowl-drain', to: 'hinge-pillar' },
    { from: 'hinge-pillar', to: 'rocker-front' },
    { from: 'wheel-lip', to: 'quarter-bottom' },
    { from: 'bulkhead-foot', to: 'outrigger' },
    { from: 'outrigger', to: 'frame-end' },
    { from: 'wood-roof', to: 'wood-sill' },
    { from: 'rail-rear', to: 'floor-rear' },
  ],
  models: [
    { make: 'Quillon', model: '', build: 'unitary', worse: { 'rear-window-base': 1.8, 'floor-front': 1.3 } },
    { make: 'Aldmoor', model: '', build: 'aluminium-on-steel', worse: { 'bulkhead-foot': 1.4, outrigger: 1.4 } },
    { make: 'Sarvane', model: '', build: 'frame', worse: { 'boot-lip': 1.8, outrigger: 1.2 } },
    { make: 'Brannock', model: '', build: 'wood', worse: { 'wood-sill': 1.3 } },
    { make: 'Tolve', model: '', build: 'unitary', worse: { 'rocker-front': 1.4, 'cross-end': 1.6 } },
    { make: 'Haskett', model: '', build: 'frame', worse: { 'wheel-lip': 1.5 } },
    { make: 'Ormelle', model: '', build: 'glass-fibre', worse: { 'backbone-fork': 1.5 } },
  ],
  lift: 4,
};
