import type { School } from '../catalogue/schools';
import {
  SCHOOL_ORDER,
  STATION_TABLE,
  type Station,
  type StationId,
  type StationNeed,
  WALK_MINUTES,
  WARM_MINUTES,
} from './stations';

/** A part of the day, minutes from midnight. */
export type Span = readonly [from: number, to: number];
export interface VisitAsked {
  readonly school: School;
  /** An own order in place of the school's. */
  readonly order?: readonly StationId[];
  /** When the visit begins and when it must have ended, minutes from midnight. */
  readonly from: number;
  readonly until: number;
  /** Stations that are left out: no leave, no key, done already. */
  readonly without?: readonly StationId[];
  /** What is there for a part of the day only; what is not named is there all day, and an empty span never. */
  readonly spans?: Readonly<Partial<Record<StationNeed, Span>>>;
  /** The house's own times, where it has learnt them. */
  readonly minutes?: Readonly<Partial<Record<StationId, number>>>;
}
export type Because = 'school' | 'cold-first' | 'gate' | 'uses-the-warming' | 'while-it-is-there';
export interface Stop {
  readonly station: StationId;
  readonly from: number;
  readonly to: number;
  /** Minutes waited before it. */
  readonly waits: number;
  readonly why: Because;
}
export interface VisitOrder {
  readonly stops: readonly Stop[];
  readonly ends: number;
  readonly waited: number;
  /** Pairs that stand the other way round than the working order has them. */
  readonly turned: number;
}

interface Reached {
  readonly at: number;
  readonly waited: number;
  readonly turned: number;
  /** When the engine is warm; nothing before it was started. */
  readonly warmAt: number | null;
  readonly place: Station['at'] | null;
  readonly back: Reached | null;
  readonly station: number;
  readonly from: number;
}

const minutesOf = (s: Station, { school, minutes }: VisitAsked): number | null =>
  s.minutes[school] === undefined ? null : (minutes?.[s.id] ?? s.minutes[school]!);

/** The stations of a visit, in the order in which they are preferred. */
function wanted(asked: VisitAsked): Station[] {
  const out = new Set(asked.without ?? []);
  const order = asked.order ?? SCHOOL_ORDER[asked.school];
  const rank = (id: StationId) => (order.includes(id) ? order.indexOf(id) : order.length);
  return STATION_TABLE.filter((s) => minutesOf(s, asked) !== null && !out.has(s.id)).sort(
    (a, b) => rank(a.id) - rank(b.id),
  );
}

/** No later, no more waited, no more turned, no later warm: it is left out. */
const noBetter = (a: Reached, b: Reached): boolean =>
  b.at <= a.at && b.turned <= a.turned && (b.warmAt ?? -1) <= (a.warmAt ?? -1) && b.place === a.place;

/**
 * The order of a visit's stations: that which ends first, and among those the one that turns fewest pairs of the working
 * order round, under the rules of order (what must lie before what), the engine's warming (used by other stations), and what is
 * there for a part of the day only. Exact: sets of stations that were done, each with the ways of reaching it that none beats
 * in time, turned pairs and warmth (Held and Karp, J. SIAM 10, 1962). Null where the stations do not fit into the visit.
 */
export function visitOrder(asked: VisitAsked): VisitOrder | null {
  const stations = wanted(asked);
  const n = stations.length;
  const index = new Map(stations.map((s, i) => [s.id, i]));
  const before = stations.map((s) => s.after.reduce((m, a) => (index.has(a) ? m | (1 << index.get(a)!) : m), 0));
  const minutes = stations.map((s) => minutesOf(s, asked)!);
  let fronts = new Map<number, Reached[]>([[0, [startOf(asked.from)]]]);
  for (let size = 0; size < n; size++) {
    const next = new Map<number, Reached[]>();
    for (const [done, ways] of fronts)
      for (let i = 0; i < n; i++) {
        if (done & (1 << i) || (before[i]! & ~done) !== 0) continue;
        // Pairs turned round: what the working order has before this one, and is not done yet.
        const turned = countBits(~done & ((1 << i) - 1));
        for (const way of ways) {
          const to = goneTo(way, stations[i]!, i, minutes[i]!, turned, asked);
          if (to) keep(next, done | (1 << i), to);
        }
      }
    fronts = next;
  }
  const ends = fronts.get((1 << n) - 1) ?? [];
  const best = ends.reduce<Reached | null>(
    (a, b) => (a === null || b.at < a.at - 1e-9 || (Math.abs(b.at - a.at) < 1e-9 && b.turned < a.turned) ? b : a),
    null,
  );
  return best && told(best, stations);
}

const startOf = (from: number): Reached => ({
  at: from,
  waited: 0,
  turned: 0,
  warmAt: null,
  place: null,
  back: null,
  station: -1,
  from,
});

function countBits(bits: number): number {
  let n = 0;
  for (let b = bits; b !== 0; b &= b - 1) n++;
  return n;
}

/** A way with one station more; null where that station cannot be done then. */
function goneTo(
  way: Reached,
  s: Station,
  i: number,
  minutes: number,
  turned: number,
  { spans = {}, until }: VisitAsked,
): Reached | null {
  const arrives = way.at + (way.place !== null && way.place !== s.at ? WALK_MINUTES : 0);
  let from = arrives;
  if (s.id === 'idle') from = Math.max(from, way.warmAt ?? from);
  for (const need of s.needs) {
    const span = spans[need];
    if (span) from = Math.max(from, span[0]);
  }
  const to = from + minutes;
  if (to > until + 1e-9 || s.needs.some((need) => spans[need] && to > spans[need][1] + 1e-9)) return null;
  return {
    at: to,
    waited: way.waited + (from - arrives),
    turned: way.turned + turned,
    warmAt: s.id === 'cold-start' ? to + WARM_MINUTES : way.warmAt,
    place: s.at,
    back: way,
    station: i,
    from,
  };
}

function keep(fronts: Map<number, Reached[]>, done: number, way: Reached): void {
  const held = fronts.get(done);
  if (!held) {
    fronts.set(done, [way]);
    return;
  }
  if (held.some((h) => noBetter(way, h))) return;
  fronts.set(done, [...held.filter((h) => !noBetter(h, way)), way]);
}

/** Why a stop lies where it does. */
function whyOf(s: Station, way: Reached, waits: number): Because {
  if (s.id === 'cold-checks' || s.id === 'cold-start') return 'cold-first';
  if (s.id === 'road') return 'gate';
  if (waits > 0) return 'while-it-is-there';
  const { warmAt } = way.back!;
  return warmAt !== null && way.from < warmAt && s.id !== 'idle' ? 'uses-the-warming' : 'school';
}

function told(end: Reached, stations: readonly Station[]): VisitOrder {
  const stops: Stop[] = [];
  for (let way: Reached = end; way.back; way = way.back) {
    const s = stations[way.station]!;
    const waits = way.waited - way.back.waited;
    stops.push({ station: s.id, from: way.from, to: way.at, waits, why: whyOf(s, way, waits) });
  }
  return { stops: stops.reverse(), ends: end.at, waited: end.waited, turned: end.turned };
}

export interface Dropped {
  readonly drop: readonly StationId[];
  readonly order: VisitOrder;
  /** What is lost by it, in the units of `worth`. */
  readonly loses: number;
}

/**
 * What is dropped first where a visit is late: the stations whose loss costs least and without which the rest fits, with the
 * order of the rest. Every set is tried, the cheapest first. Null where not even one station fits.
 */
export function dropFirst(asked: VisitAsked, worth: (station: StationId) => number): Dropped | null {
  const stations = wanted(asked);
  const left = asked.until - asked.from;
  const n = stations.length;
  const sets: { mask: number; loses: number }[] = [];
  for (let mask = 0; mask < 1 << n; mask++) {
    let [loses, minutes] = [0, 0];
    for (let i = 0; i < n; i++)
      if (mask & (1 << i)) loses += worth(stations[i]!.id);
      else minutes += minutesOf(stations[i]!, asked)!;
    if (minutes <= left + 1e-9 && mask !== (1 << n) - 1) sets.push({ mask, loses });
  }
  sets.sort((a, b) => a.loses - b.loses || countBits(a.mask) - countBits(b.mask));
  for (const { mask, loses } of sets) {
    const drop = stations.flatMap((s, i) => (mask & (1 << i) ? [s.id] : []));
    const order = visitOrder({ ...asked, without: [...(asked.without ?? []), ...drop] });
    if (order) return { drop, order, loses };
  }
  return null;
}
