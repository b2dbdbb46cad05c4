import { type Random, seeded } from '../stats/random';
import {
  type Booked,
  book,
  dueOf,
  hoursOf,
  inTurn,
  nothingBooked,
  placeFor,
  type RouteLot,
  type RouteProblem,
  type RouteVisit,
} from './booking';

export interface Route {
  readonly visits: readonly RouteVisit[];
  /** Lots that are visited after their day, or for which there is no room at all. */
  readonly late: readonly string[];
  /** So many lots must be late whatever is done. */
  readonly bound: number;
  /** By which share of all lots fewer could at most be late; 0: shown to be the best. */
  readonly gap: number;
}

export interface RouteLimits {
  readonly tries?: number;
  readonly seed?: number;
  /** Ends the search early, whatever was found so far. */
  readonly stop?: () => boolean;
}

/** Books lots in an order, each where it ends soonest in time; those without such a place come after, where there is room. */
function bookAll(order: readonly RouteLot[], p: RouteProblem): { booked: Booked; late: RouteLot[] } {
  const booked = nothingBooked(p);
  const late: RouteLot[] = [];
  for (const lot of order) {
    const at = placeFor(lot, p, booked, dueOf(lot, p));
    if (at) book(lot, at, p, booked);
    else late.push(lot);
  }
  for (const lot of late) {
    const at = placeFor(lot, p, booked, p.days - 1);
    if (at) book(lot, at, p, booked);
  }
  return { booked, late };
}

/**
 * So many jobs at least are late on one machine that works through all of them: the rule of Moore and Hodgson, exact for a
 * machine of its own ("An n job, one machine sequencing algorithm …", Management Science 15, 1968).
 */
export function fewestLateOfOne(jobs: readonly { readonly time: number; readonly due: number }[]): number {
  const taken: number[] = [];
  let sum = 0;
  let late = 0;
  for (const { time, due } of [...jobs].sort((a, b) => a.due - b.due)) {
    taken.push(time);
    sum += time;
    if (sum <= due + 1e-9) continue;
    const longest = taken.indexOf(Math.max(...taken));
    sum -= taken[longest]!;
    taken.splice(longest, 1);
    late++;
  }
  return late;
}

/** So many lots must be late whatever is done: were all inspectors one who works as fast as all, or the pit all that counts. */
export function lateAtLeast(p: RouteProblem): number {
  const lengths = Array.from({ length: p.days }, (_, d) => Math.max(0, hoursOf(p, d)[1] - hoursOf(p, d)[0]));
  const longest = Math.max(0, ...lengths);
  const m = p.inspectors.length;
  /** Hours of all days up to one. */
  const upTo = (last: number) => lengths.slice(0, last + 1).reduce((s, l) => s + l, 0);
  const tooLong = p.lots.filter((l) => l.minutes > longest || dueOf(l, p) < 0).length;
  const rest = p.lots.filter((l) => l.minutes <= longest && dueOf(l, p) >= 0);
  const of = (time: (l: RouteLot) => number) =>
    fewestLateOfOne(rest.map((l) => ({ time: time(l), due: upTo(dueOf(l, p)) })));
  return (
    tooLong +
    Math.max(
      of((l) => l.minutes / m),
      of((l) => l.pitMinutes),
    )
  );
}

const TRIES = 400;

/** Orders to try: by day due, the long or those with long pits first; then those with some moved about. */
function* orders(p: RouteProblem, random: Random): Generator<RouteLot[]> {
  const by = (key: (l: RouteLot) => number) => [...p.lots].sort((a, b) => dueOf(a, p) - dueOf(b, p) || key(a) - key(b));
  const places = [...new Set(p.lots.map((l) => l.stands ?? ''))].sort((a, b) =>
    a.localeCompare(b, 'en', { numeric: true }),
  );
  const firsts = [
    by((l) => -l.minutes),
    by((l) => -l.pitMinutes),
    by((l) => l.minutes),
    by((l) => l.minutes - l.pitMinutes),
    // Neighbours after each other: little walking.
    by((l) => places.indexOf(l.stands ?? '')),
  ];
  yield* firsts;
  for (let n = 0; ; n++) {
    const order = [...firsts[n % firsts.length]!];
    const moves = 1 + Math.floor(random() * Math.max(2, order.length / 4));
    for (let k = 0; k < moves; k++) {
      const [lot] = order.splice(Math.floor(random() * order.length), 1);
      order.splice(Math.floor(random() * (order.length + 1)), 0, lot!);
    }
    yield order;
  }
}

const endOf = (visits: readonly RouteVisit[]) => visits.reduce((s, v) => s + v.day * 1440 + v.to, 0);

/**
 * Who visits which lot when, so that as few as can be are late: nobody is in two places, the pit takes one car at a time, and
 * its minutes lie at the visit's end; the way from car to car and the keys come before each visit. Lots are booked in many orders (seeded), those left out are put first the next time;
 * what no order can beat is shown by a bound. Of plans with as few late, the one whose visits end soonest. Refuses nothing: a
 * lot without any room is late and has no visit.
 */
export function routeOf(p: RouteProblem, { tries = TRIES, seed = 1, stop = () => false }: RouteLimits = {}): Route {
  const bound = lateAtLeast(p);
  if (p.lots.length === 0) return { visits: [], late: [], bound: 0, gap: 0 };
  if (p.inspectors.length === 0 || p.days <= 0)
    return { visits: [], late: p.lots.map((l) => l.id), bound: p.lots.length, gap: 0 };
  const random = seeded(seed);
  let best: { booked: Booked; late: RouteLot[] } | null = null;
  let n = 0;
  for (const order of orders(p, random)) {
    let found = bookAll(order, p);
    // Those left out come first of those due by then, as often as that helps.
    for (let k = 0; k < p.lots.length && found.late.length > bound; k++) {
      const first = new Set(found.late);
      const again = bookAll([...order.filter((l) => first.has(l)), ...order.filter((l) => !first.has(l))], p);
      if (again.late.length >= found.late.length) break;
      found = again;
    }
    if (
      !best ||
      found.late.length < best.late.length ||
      (found.late.length === best.late.length && endOf(found.booked.visits) < endOf(best.booked.visits))
    )
      best = found;
    n++;
    if (n >= tries || stop() || (best.late.length <= bound && n >= Math.min(tries, 40))) break;
  }
  const late = best!.late.map((l) => l.id);
  const visits = [...best!.booked.visits].sort(inTurn);
  return { visits, late, bound, gap: Math.max(0, late.length - bound) / p.lots.length };
}
