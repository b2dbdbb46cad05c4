import { boxOf } from '../body/geometry';
import type { Plan } from '../body/plan';
import { NOTHING_FITTED } from '../body/styles/options';
import type { Zone } from '../body/zone';
import { matchesZone } from '../body/zone-pattern';
import { flawById } from '../catalogue/flaws/by-id';
import { sameName } from '../catalogue/same-name';
import type { Construction, WeakSpot, WeakTable } from '../catalogue/weak-spots';
import type { AnyRecord, BodyOf } from '../kinds';
import type { BlockedBy } from '../kinds/look';
import { recordsOf } from '../records/reduce';
import { shareAWord } from '../records/words-of';

/** What is known of a weak place: nobody was there, it is sound, metal or water was found, or it could not be seen. */
export type WeakState = 'unseen' | 'sound' | 'rust' | 'damp' | 'blocked';

/** A weak spot at a zone of this car. */
export interface WeakPlace {
  readonly id: string;
  readonly spot: string;
  readonly zone: string;
  readonly where: string;
  readonly place: { readonly uMm: number; readonly vMm: number };
  readonly state: WeakState;
  readonly why: BlockedBy | null;
  /** Chance that metal is lost there, as far as is known: of such cars, raised by what was found up the water. */
  readonly chance: number;
  /** Places found from which water reaches this one, or the other way round. */
  readonly raisedBy: readonly string[];
}

type CarFacts = Pick<BodyOf<'car'>, 'make' | 'model' | 'baseMetal' | 'build' | 'fitted'>;

/** The rows of the table for a car: its model's, else its make's. */
function modelRow(car: CarFacts, t: WeakTable) {
  const rows = t.models.filter((m) => sameName(m.make, car.make) && (m.model === '' || sameName(m.model, car.model)));
  return rows.find((m) => m.model !== '') ?? rows[0] ?? null;
}

/**
 * How a car is built: as was stated, as the house's table says of its model or make, or as its metal tells. Null where none
 * of these does: steel alone says neither frame nor unitary.
 */
export function buildOf(car: CarFacts | null, t: WeakTable): Construction | null {
  if (!car) return null;
  if (car.build) return car.build;
  const row = modelRow(car, t);
  if (row) return row.build;
  if (car.baseMetal === 'aluminium') return 'aluminium-on-steel';
  return car.baseMetal === 'glass-fibre' ? 'glass-fibre' : car.baseMetal === 'wood' ? 'wood' : null;
}

/** Flaws that say that metal is lost or that water stands. */
const says = (flaw: string): 'rust' | 'damp' | null =>
  flawById(flaw).family === 'metal' && flaw !== 'patch-neat' ? 'rust' : flaw === 'damp' ? 'damp' : null;

/** Where on the zone it lies, panel mm. */
function placeOn(zone: Zone, [u, v]: WeakSpot['at']): { uMm: number; vMm: number } {
  const box = boxOf(zone.outline);
  return { uMm: u * (box.maxX - box.minX), vMm: v * (box.maxY - box.minY) };
}

/** Finding of the zone that lies at the spot: beside it, or anywhere where it says no place and its words do not either. */
function foundAt(records: readonly AnyRecord[], zone: Zone, spot: WeakSpot, others: number): 'rust' | 'damp' | null {
  const at = placeOn(zone, spot.at);
  const found = recordsOf(records, 'finding').filter(({ body }) => {
    if (body.zone !== zone.slug || says(body.flaw) === null) return false;
    if (body.place)
      return Math.hypot(body.place.uMm - at.uMm, body.place.vMm - at.vMm) < AROUND_MM + (body.sizeMm ?? 0) / 2;
    return others === 0 || shareAWord(body.where, spot.where);
  });
  return found.some((f) => says(f.body.flaw) === 'rust') ? 'rust' : found.length > 0 ? 'damp' : null;
}

/** How near a finding lies to a weak spot to be there, mm. */
const AROUND_MM = 220;
const sharesSide = (a: Zone, b: Zone) => a.side === 'centre' || b.side === 'centre' || a.side === b.side;

/** Spots of the table that this car has, by zone. */
function spotsOn(plan: Plan, car: CarFacts, build: Construction | null, t: WeakTable) {
  const fits = (s: WeakSpot) =>
    (build === null ? s.builds.includes('frame') && s.builds.includes('unitary') : s.builds.includes(build)) &&
    (!s.fitted || (car.fitted ?? NOTHING_FITTED)[s.fitted]);
  // In the order of their names: a table that was sealed has its own in that order.
  const spots = Object.entries(t.spots)
    .filter(([, s]) => fits(s))
    .sort(([a], [b]) => (a < b ? -1 : 1));
  return [...plan.zones.values()].flatMap((zone) =>
    spots.filter(([, s]) => s.zones.some((p) => matchesZone(zone.slug, p))).map(([id, spot]) => ({ id, spot, zone })),
  );
}

/** The spots with which each shares its water, both ways. */
function waterOf(t: WeakTable): ReadonlyMap<string, ReadonlySet<string>> {
  const out = new Map<string, Set<string>>();
  for (const { from, to } of t.water) {
    out.set(from, (out.get(from) ?? new Set()).add(to));
    out.set(to, (out.get(to) ?? new Set()).add(from));
  }
  return out;
}

const raised = (chance: number, times: number) => {
  const odds = (chance / (1 - chance)) * times;
  return odds / (1 + odds);
};

/**
 * The weak places of a car in the order of its laps, with what is known of each: as somebody ticked it last, else by the
 * findings that lie there. A place found raises those that share its water, on its own side, in odds by the table's lift for
 * each. Of a car whose construction is not known only what all steel cars have is asked.
 */
export function weakPlaces(
  plan: Plan,
  records: readonly AnyRecord[],
  car: CarFacts | null,
  t: WeakTable,
): readonly WeakPlace[] {
  if (!car) return [];
  const build = buildOf(car, t);
  const worse = modelRow(car, t)?.worse ?? {};
  const ticked = new Map(recordsOf(records, 'weak').map((w) => [`${w.body.spot}@${w.body.zone}`, w.body]));
  const on = spotsOn(plan, car, build, t);
  const many = new Map<string, number>();
  for (const { zone } of on) many.set(zone.slug, (many.get(zone.slug) ?? 0) + 1);
  const known = on.map(({ id, spot, zone }) => {
    const tick = ticked.get(`${id}@${zone.slug}`);
    const found = foundAt(records, zone, spot, many.get(zone.slug)! - 1);
    // A finding there stands whatever a tick says.
    return { id, spot, zone, state: found ?? tick?.outcome ?? ('unseen' as const), why: tick?.why ?? null };
  });
  const water = waterOf(t);
  const wet = known.filter((k) => k.state === 'rust' || k.state === 'damp');
  return known.map(({ id, spot, zone, state, why }) => {
    const sources = wet.filter((w) => water.get(id)?.has(w.id) && sharesSide(zone, w.zone));
    const base = Math.min(0.95, spot.chance * (worse[id] ?? 1));
    const names = sources.map((s) => `${s.id}@${s.zone.slug}`);
    return {
      id: `${id}@${zone.slug}`,
      spot: id,
      zone: zone.slug,
      where: spot.where,
      place: placeOn(zone, spot.at),
      state,
      why: state === 'blocked' ? why : null,
      chance: state === 'sound' ? 0 : state === 'rust' ? 1 : raised(base, t.lift ** Math.min(3, names.length)),
      raisedBy: names,
    };
  });
}

/** Weak places that nobody has been to, likeliest first; those that carry the car count more. */
export function nextLooks(plan: Plan, places: readonly WeakPlace[], structural: number): readonly WeakPlace[] {
  const weight = (p: WeakPlace) => p.chance * (plan.zones.get(p.zone)?.structural ? structural : 1);
  return places.filter((p) => p.state === 'unseen').sort((a, b) => weight(b) - weight(a));
}
