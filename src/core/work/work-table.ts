import { z } from 'zod';
import { ASPECTS, VIEWS } from '../body/zone';
import { DEFAULT_RATES, DEFAULT_REMEDIES, REMEDY_IDS, remedySchema, TRADES } from '../catalogue/remedies';
import { defineTable } from '../model/table';

/** What redoing an aspect of a place from nothing takes: the first row that fits a place holds. */
const anewSchema = z.object({
  aspect: z.enum(ASPECTS),
  /** First words of the zone's slug; any where empty. */
  parts: z.array(z.string()).default([]),
  view: z.enum(VIEWS).nullable().default(null),
  remedy: z.enum(REMEDY_IDS),
  /** How many times that work, and how many times more per m² of the place. */
  times: z.number().nonnegative(),
  perM2: z.number().nonnegative(),
});
export type AnewRow = z.infer<typeof anewSchema>;

export const workSchema = z.object({
  source: z.string(),
  /** Money per hour. */
  rates: z.record(z.enum(TRADES), z.number().nonnegative()),
  remedies: z.record(z.enum(REMEDY_IDS), remedySchema),
  anew: z.array(anewSchema).min(1),
  /** Of things counted one by one: so many at full effort, the rest at this share. */
  many: z.object({ full: z.number().int().positive(), rest: z.number().min(0).max(1) }),
  /** Exponents of effort in size or share, and in number, where a thing grows by its extent; and its bounds against a typical one. */
  extent: z.object({
    bySize: z.number().positive(),
    byCount: z.number().positive(),
    least: z.number().positive(),
    most: z.number().positive(),
  }),
  /** Effort left where a finding was touched in. */
  touchedIn: z.number().min(0).max(1),
  /** The most of a place's redoing that its findings together take: something of it is always kept. */
  mostOfPlace: z.number().gt(0).max(1),
  /** What a place that carries steering, springs, brakes or belts counts against another of the same effort. */
  structural: z.number().positive(),
});
export type WorkTable = z.infer<typeof workSchema>;

type Row = Pick<AnewRow, 'aspect' | 'remedy' | 'times'> & Partial<AnewRow>;
const anew = (rows: readonly Row[]): AnewRow[] => rows.map((r) => ({ parts: [], view: null, perM2: 0, ...r }));

/** Outer skin is refinished from bare metal; jambs, bays and trunks need only be sound and painted. */
const ANEW = anew([
  { aspect: 'paint', view: 'outside', remedy: 'strip-refinish', times: 0.3, perM2: 0.85 },
  { aspect: 'paint', remedy: 'refinish', times: 0.3, perM2: 0.5 },
  { aspect: 'shape', remedy: 'strip-refinish', times: 0.25, perM2: 0.6 },
  { aspect: 'fit', parts: ['door', 'tailgate', 'hatch'], remedy: 'hinges', times: 2.5 },
  { aspect: 'fit', remedy: 'adjust', times: 3 },
  { aspect: 'structure', parts: ['rail', 'crossmember', 'fork', 'backbone'], remedy: 'load-path', times: 0.5 },
  { aspect: 'structure', remedy: 'load-path', times: 0.2 },
  { aspect: 'corrosion', parts: ['rocker'], remedy: 'sill', times: 1 },
  { aspect: 'corrosion', parts: ['rail', 'crossmember', 'fork', 'backbone'], remedy: 'load-path', times: 0.6 },
  { aspect: 'corrosion', parts: ['outrigger'], remedy: 'load-path', times: 0.4 },
  { aspect: 'corrosion', parts: ['pillar'], remedy: 'load-path', times: 0.6 },
  { aspect: 'corrosion', parts: ['bumper', 'grille', 'battery'], remedy: 'clean', times: 2 },
  { aspect: 'corrosion', parts: ['door', 'fender', 'quarter', 'side', 'bed'], remedy: 'lower-piece', times: 1 },
  { aspect: 'corrosion', view: 'underneath', remedy: 'floor-section', times: 1 },
  { aspect: 'corrosion', view: 'outside', remedy: 'patch-outer', times: 0.6, perM2: 1 },
  { aspect: 'corrosion', view: 'trunk', remedy: 'floor-section', times: 0.4, perM2: 0.5 },
  { aspect: 'corrosion', remedy: 'floor-section', times: 0.9 },
  { aspect: 'brightwork', parts: ['bumper'], remedy: 're-plate', times: 1 },
  { aspect: 'brightwork', parts: ['wheel'], remedy: 're-plate', times: 0.2 },
  { aspect: 'brightwork', remedy: 're-plate', times: 0.5 },
  { aspect: 'glass', parts: ['lamp'], remedy: 'pane', times: 0.25 },
  { aspect: 'glass', remedy: 'pane', times: 0.5, perM2: 0.7 },
  { aspect: 'rubber', remedy: 'seal', times: 1 },
  { aspect: 'trim', parts: ['seat', 'bench'], remedy: 'seat-cover', times: 1 },
  { aspect: 'trim', parts: ['headliner'], remedy: 'headliner', times: 1 },
  { aspect: 'trim', parts: ['top'], remedy: 'top-cover', times: 1 },
  { aspect: 'trim', parts: ['dash'], remedy: 'trim-piece', times: 3 },
  { aspect: 'trim', remedy: 'trim-piece', times: 0.7 },
  { aspect: 'function', parts: ['engine'], remedy: 'engine-rebuild', times: 1 },
  { aspect: 'function', parts: ['radiator', 'reservoir'], remedy: 'brake-axle', times: 1.5 },
  { aspect: 'function', parts: ['steering'], remedy: 'brake-axle', times: 2 },
  { aspect: 'function', parts: ['dash'], remedy: 'small-electrical', times: 10 },
  { aspect: 'function', parts: ['glass', 'top', 'frame'], remedy: 'window', times: 1 },
  { aspect: 'function', remedy: 'small-electrical', times: 1 },
  { aspect: 'leaks', parts: ['engine'], remedy: 'gasket-below', times: 2 },
  { aspect: 'leaks', parts: ['reservoir'], remedy: 'brake-axle', times: 2 },
  { aspect: 'leaks', remedy: 'gasket-above', times: 2 },
  { aspect: 'tire', remedy: 'tire', times: 1 },
  // Nobody can put identity right: what it weighs beside the panels' paint, reckoned in the same money.
  { aspect: 'identity', remedy: 'refinish', times: 8 },
]);

/** What putting right takes: rates, hours and parts, and what redoing a place from nothing would take. */
export const workTable = defineTable<WorkTable>({
  stored: 'work',
  schema: workSchema as z.ZodType<WorkTable>,
  defaults: {
    source: 'house starting values, money in Vennor crowns',
    rates: DEFAULT_RATES,
    remedies: DEFAULT_REMEDIES,
    anew: ANEW,
    many: { full: 5, rest: 0.5 },
    extent: { bySize: 0.5, byCount: 0.6, least: 0.3, most: 4 },
    touchedIn: 0.6,
    mostOfPlace: 0.97,
    structural: 1.8,
  },
});
