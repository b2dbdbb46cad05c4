import type { Plan } from '../body/plan';
import { partOf, type Zone } from '../body/zone';
import type { School } from '../catalogue/schools';

/** From where a whole car is taken, going round it from the front by its left. */
export const ROUNDS = [
  'front',
  'front-left',
  'left',
  'rear-left',
  'rear',
  'rear-right',
  'right',
  'front-right',
] as const;
export type Round = (typeof ROUNDS)[number];
export const VIEW_SORTS = [
  'round',
  'low',
  'panel',
  'wheel',
  'tire-code',
  'lamp',
  'jamb',
  'inside',
  'boot',
  'engine',
  'below',
  'number',
] as const;
export type ViewSort = (typeof VIEW_SORTS)[number];

/** A picture that every report of a school has. */
export interface StandardView {
  /** `round.front-left`, `panel.hood`, `number.chassis`. */
  readonly id: string;
  readonly sort: ViewSort;
  /** What it is of: a zone, or the side from which the whole car is seen. */
  readonly of: string;
  readonly zone: string | null;
}

const STRAIGHT: ReadonlySet<Round> = new Set(['front', 'left', 'rear', 'right']);
/** Which schools take which sort of picture. */
const TAKEN_BY: Readonly<Record<ViewSort, readonly School[]>> = {
  round: ['lap', 'structure', 'survey', 'field'],
  low: ['lap', 'survey'],
  panel: ['survey'],
  wheel: ['lap', 'survey'],
  'tire-code': ['survey'],
  lamp: ['survey'],
  jamb: ['lap', 'survey'],
  inside: ['lap', 'survey'],
  boot: ['lap', 'structure', 'survey'],
  engine: ['lap', 'structure', 'survey', 'field'],
  below: ['structure', 'survey'],
  number: ['lap', 'structure', 'survey'],
};

const view = (sort: ViewSort, of: string, zone: string | null): StandardView => ({
  id: `${sort}.${of}`,
  sort,
  of,
  zone,
});
const ofZones = (sort: ViewSort, zones: readonly Zone[]) => zones.map((z) => view(sort, z.slug, z.slug));

/** All pictures of the car that a full survey has, in the order of a lap. */
function allViews(plan: Plan): StandardView[] {
  const zones = [...plan.zones.values()];
  const first = (...slugs: readonly string[]) => slugs.find((s) => plan.zones.has(s)) ?? null;
  const wheels = zones.filter((z) => z.need === 'tires');
  const engine = first('engine');
  return [
    ...ROUNDS.map((r) => view('round', r, null)),
    view('low', 'left', null),
    view('low', 'right', null),
    ...ofZones(
      'panel',
      zones.filter((z) => z.view === 'outside' && z.aspects.includes('paint') && z.areaM2 >= 0.1),
    ),
    ...ofZones('wheel', wheels),
    ...ofZones('tire-code', wheels),
    ...ofZones(
      'lamp',
      zones.filter((z) => partOf(z.slug) === 'lamp'),
    ),
    ...ofZones(
      'jamb',
      zones.filter((z) => partOf(z.slug) === 'door'),
    ),
    ...ofZones(
      'inside',
      zones.filter((z) => z.view === 'cabin' && ['dash', 'seat', 'headliner', 'steering'].includes(partOf(z.slug))),
    ),
    view('inside', 'odometer', first('dash')),
    view('boot', 'open', first('trunk.floor', 'trunk.mat', 'trunk.well')),
    ...['above', 'left', 'right'].map((of) => view('engine', of, engine)),
    ...ofZones(
      'below',
      zones.filter((z) => z.view === 'underneath' && z.structural),
    ),
    view('number', 'chassis', first('bulkhead', 'dash')),
    view('number', 'engine', engine),
  ];
}

/** The pictures that a school takes of a car with such a plan. The field pass takes the car from four sides and its engine once. */
export function standardViews(plan: Plan, school: School): StandardView[] {
  return allViews(plan).filter(
    ({ sort, of }) =>
      TAKEN_BY[sort].includes(school) &&
      (school !== 'field' || (sort === 'round' ? STRAIGHT.has(of as Round) : of === 'above')),
  );
}

/** What is known of a picture that may be one of them. */
export interface ViewPicture {
  readonly view: string | null;
  readonly zone: string | null;
  readonly finding: string | null;
  readonly seam: string | null;
}
/** Sorts of views that any picture of their zone is, which was taken of nothing else. */
const BY_ZONE: ReadonlySet<ViewSort> = new Set(['panel', 'wheel', 'lamp', 'inside', 'boot', 'below']);

/** Whether a picture is that view: taken as it, or of its zone alone where that is enough. */
export const isView = (v: StandardView, p: ViewPicture): boolean =>
  p.view === v.id ||
  (p.view === null &&
    v.of !== 'odometer' &&
    v.zone !== null &&
    BY_ZONE.has(v.sort) &&
    p.zone === v.zone &&
    p.finding === null &&
    p.seam === null);

/** The standard views of which there is no picture yet, in the order of a lap. */
export const missingViews = (views: readonly StandardView[], pictures: readonly ViewPicture[]): StandardView[] =>
  views.filter((v) => !pictures.some((p) => isView(v, p)));
