import type { Zone } from '../body/zone';
import type { FILMS } from '../catalogue/spot-tests';
import { DEFAULT_WEAK_TABLE, type WeakTable, weakTableSchema } from '../catalogue/weak-spots';
import type { StoredRecord } from '../kinds';
import { defineModel, lacking, lackingIf, type PlannedCar, type SomeCar } from '../model/model';
import { defineTable } from '../model/table';
import { filmReadings } from '../paint/film-input';
import type { FilmReading } from '../paint/film-reading';
import { recordsOf } from '../records/reduce';
import { exposureTable } from './exposure-table';
import { readSpot, type SpotReading, type SpotResults } from './read-spot';
import { type SpotTable, spotTable } from './spot-table';
import { type WastingFinding, wastingFindings } from './wasting';
import { buildOf, nextLooks, type WeakPlace, weakPlaces } from './weak-places';

/** A spot with what its tests say together. */
export interface JudgedSpot {
  readonly id: string;
  readonly zone: string;
  readonly results: SpotResults;
  readonly reading: SpotReading;
}

/** Weight of a place that carries the car against another in the order of the next looks; house value. */
const CARRYING = 1.6;

/** What the film near a spot is; undefined without a reading there. */
function filmNear(
  { place, zone }: StoredRecord<'spot'>['body'],
  readings: readonly FilmReading[],
  t: SpotTable,
): (typeof FILMS)[number] | undefined {
  const near = readings.filter(
    (r) =>
      r.zone === zone &&
      place !== null &&
      r.place !== null &&
      Math.hypot(r.place.uMm - place.uMm, r.place.vMm - place.vMm) <= t.nearMm,
  );
  if (near.length === 0) return undefined;
  if (near.some((r) => r.state === 'over' || (r.thicknessUm ?? 0) >= t.thickUm)) return 'thick';
  return near.every((r) => r.state === 'none') ? 'none' : 'usual';
}

function judgeSpot(
  { id, body }: StoredRecord<'spot'>,
  zone: Zone | undefined,
  readings: readonly FilmReading[],
  t: SpotTable,
): JudgedSpot {
  const { surface, magnet, tap, press, behind, touch, wipe } = body;
  const film = filmNear(body, readings, t);
  const tried = { surface, magnet, tap, film, wipe, behind, touch, press };
  const results = Object.fromEntries(Object.entries(tried).filter(([, r]) => r !== null && r !== undefined));
  return { id, zone: body.zone, results, reading: readSpot(results, zone?.metal ?? 'steel', t) };
}

const wasVisited = ({ records }: SomeCar) => recordsOf(records, 'visit').length > 0;
const unseen = (places: readonly WeakPlace[]) => places.filter((p) => p.state === 'unseen');

/** Where a car rusts, what was tried there and what it says, what is still to come. */
export const metal = defineModel({
  reads: ['finding', 'weak', 'spot', 'reading', 'visit'],
  tables: {
    weakSpots: defineTable<WeakTable>({
      stored: 'weak-spots',
      schema: weakTableSchema,
      defaults: DEFAULT_WEAK_TABLE,
    }),
    spotTests: spotTable,
    exposure: exposureTable,
  },
  judge: ({ plan, records, car }: PlannedCar, { weakSpots, spotTests, exposure }) => {
    const places = weakPlaces(plan, records, car, weakSpots);
    const spots = recordsOf(records, 'spot');
    const readings = spots.length > 0 ? filmReadings(records) : [];
    return {
      build: buildOf(car, weakSpots),
      places,
      next: nextLooks(plan, places, CARRYING),
      spots: spots.map((s) => judgeSpot(s, plan.zones.get(s.body.zone), readings, spotTests)),
      wasting: wastingFindings(plan, recordsOf(records, 'finding'), exposure) as readonly WastingFinding[],
    };
  },
  missing: {
    'weak-spots-unseen': (judged, car) => {
      const open = judged && wasVisited(car) ? unseen(judged.places) : [];
      return lacking(open.length, { detail: open[0]?.zone ?? '' });
    },
    'water-path-unseen': (judged) => {
      const open = judged ? unseen(judged.places).filter((p) => p.raisedBy.length > 0) : [];
      return lacking(open.length, { detail: open[0]?.zone ?? '' });
    },
    'weak-without-finding': (judged, { records }) => {
      const said = new Set(recordsOf(records, 'finding').map((f) => f.body.zone));
      const open = judged ? judged.places.filter((p) => p.state === 'rust' && !said.has(p.zone)) : [];
      return lacking(open.length, { detail: open[0]?.zone ?? '' });
    },
    'build-not-known': (judged, car) => lackingIf(judged !== null && wasVisited(car) && judged.build === null),
    'spot-contradicts': (judged) => {
      const odd = judged ? judged.spots.filter((s) => s.reading.ok && s.reading.against.length > 0) : [];
      return lacking(odd.length, { detail: odd[0]?.zone ?? '' });
    },
  },
});
export type JudgedMetal = ReturnType<typeof metal.judge>;
