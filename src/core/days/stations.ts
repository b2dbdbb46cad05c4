import type { View } from '../body/zone';
import type { School } from '../catalogue/schools';

/** Stations of a visit. */
export const STATIONS = [
  'standoff',
  'cold-checks',
  'cold-start',
  'lap',
  'film',
  'wheels',
  'trunk',
  'engine-bay',
  'cabin',
  'functions',
  'idle',
  'road',
  'below',
  'numbers',
  'pictures',
] as const;
export type StationId = (typeof STATIONS)[number];

/** What must be there for a station, for a part of the day only. */
export const NEEDS = ['daylight', 'dry', 'pit', 'helper', 'key'] as const;
export type StationNeed = (typeof NEEDS)[number];

export interface Station {
  readonly id: StationId;
  /** Minutes by working order; absent: that order leaves it out. House starting values, by a car of the usual size. */
  readonly minutes: Readonly<Partial<Record<School, number>>>;
  readonly needs: readonly StationNeed[];
  /** Stations that must lie before it, where they are done at all. */
  readonly after: readonly StationId[];
  /** What of the plan it looks at, by view; the doubt of these places falls with it. */
  readonly views: readonly View[];
  readonly aspects: readonly string[];
  /** How often bidders ask about what it shows, 0 to 1. */
  readonly asked: number;
  /** Where one stands: who goes from one place to another walks. */
  readonly at: 'away' | 'front' | 'round' | 'rear' | 'inside' | 'under' | 'road';
}

const BODY = ['paint', 'shape', 'fit', 'brightwork', 'glass', 'rubber'] as const;

/**
 * The stations of all working orders. The rules of order hold in every school: the first start cold and watched; brakes, tyres,
 * steering and fluids before the road; leaks looked for after the hot run. Times: house starting values.
 */
export const STATION_TABLE: readonly Station[] = [
  {
    id: 'standoff',
    minutes: { lap: 2, survey: 5, field: 0.5 },
    needs: ['daylight'],
    after: [],
    views: [],
    aspects: [],
    asked: 0.3,
    at: 'away',
  },
  {
    id: 'cold-checks',
    minutes: { lap: 3, structure: 3, survey: 8 },
    needs: [],
    after: [],
    views: ['engine'],
    aspects: ['leaks'],
    asked: 0.5,
    at: 'front',
  },
  {
    id: 'cold-start',
    minutes: { lap: 2, structure: 2, survey: 5 },
    needs: ['key', 'helper'],
    after: ['cold-checks'],
    views: [],
    aspects: [],
    asked: 0.9,
    at: 'rear',
  },
  {
    id: 'lap',
    minutes: { lap: 12, structure: 8, survey: 35, field: 2 },
    needs: ['daylight', 'dry'],
    after: ['standoff'],
    views: ['outside'],
    aspects: [...BODY],
    asked: 0.9,
    at: 'round',
  },
  {
    id: 'film',
    minutes: { survey: 25 },
    needs: ['dry'],
    after: [],
    views: ['outside'],
    aspects: ['paint'],
    asked: 0.7,
    at: 'round',
  },
  {
    id: 'wheels',
    minutes: { lap: 3, structure: 3, survey: 10 },
    needs: [],
    after: [],
    views: ['outside'],
    aspects: ['tire'],
    asked: 0.6,
    at: 'round',
  },
  {
    id: 'trunk',
    minutes: { lap: 2, structure: 4, survey: 8, field: 0.5 },
    needs: ['key'],
    after: [],
    views: ['trunk'],
    aspects: [...BODY, 'corrosion', 'trim'],
    asked: 0.5,
    at: 'rear',
  },
  {
    id: 'engine-bay',
    minutes: { lap: 4, structure: 5, survey: 15, field: 1 },
    needs: [],
    after: ['cold-checks'],
    views: ['engine'],
    aspects: ['corrosion', 'structure', 'identity', 'function', 'paint'],
    asked: 0.6,
    at: 'front',
  },
  {
    id: 'cabin',
    minutes: { lap: 4, structure: 4, survey: 15, field: 0.5 },
    needs: [],
    after: [],
    views: ['cabin'],
    aspects: ['trim', 'identity'],
    asked: 0.6,
    at: 'inside',
  },
  {
    id: 'functions',
    minutes: { lap: 4, survey: 15 },
    needs: ['key'],
    after: [],
    views: ['cabin', 'outside'],
    aspects: ['function'],
    asked: 0.5,
    at: 'inside',
  },
  {
    id: 'idle',
    minutes: { survey: 6 },
    needs: ['key'],
    after: ['cold-start'],
    views: ['engine'],
    aspects: ['leaks', 'function'],
    asked: 0.5,
    at: 'front',
  },
  {
    id: 'road',
    minutes: { lap: 8, survey: 25 },
    needs: ['daylight', 'key'],
    after: ['cold-checks', 'wheels', 'functions', 'cold-start', 'idle'],
    views: [],
    aspects: [],
    asked: 0.7,
    at: 'road',
  },
  {
    id: 'below',
    minutes: { lap: 5, structure: 15, survey: 25, field: 1 },
    needs: ['pit'],
    after: [],
    views: ['underneath'],
    aspects: ['corrosion', 'structure', 'leaks'],
    asked: 1,
    at: 'under',
  },
  {
    id: 'numbers',
    minutes: { lap: 2, structure: 2, survey: 10 },
    needs: [],
    after: [],
    views: ['engine', 'cabin'],
    aspects: ['identity'],
    asked: 0.8,
    at: 'front',
  },
  {
    id: 'pictures',
    minutes: { lap: 6, structure: 3, survey: 30, field: 0.5 },
    needs: ['daylight'],
    after: [],
    views: [],
    aspects: [],
    asked: 0.8,
    at: 'round',
  },
];

/** In which order a school goes, where nothing forces another: outside first, structure first, cold checks first, front to back. */
export const SCHOOL_ORDER: Readonly<Record<School, readonly StationId[]>> = {
  lap: [
    'standoff',
    'lap',
    'wheels',
    'cabin',
    'functions',
    'trunk',
    'cold-checks',
    'engine-bay',
    'numbers',
    'cold-start',
    'road',
    'pictures',
    'below',
  ],
  structure: [
    'below',
    'lap',
    'trunk',
    'cabin',
    'cold-checks',
    'engine-bay',
    'numbers',
    'wheels',
    'cold-start',
    'pictures',
  ],
  survey: [
    'cold-checks',
    'standoff',
    'pictures',
    'lap',
    'film',
    'wheels',
    'cold-start',
    'engine-bay',
    'cabin',
    'functions',
    'numbers',
    'idle',
    'trunk',
    'road',
    'below',
  ],
  field: ['standoff', 'engine-bay', 'lap', 'trunk', 'below', 'cabin', 'pictures'],
};

/** Minutes that an engine takes to its working temperature, standing. */
export const WARM_MINUTES = 15;
/** Minutes from one place to another. */
export const WALK_MINUTES = 0.5;
