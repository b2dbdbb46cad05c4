import { type Random, seeded } from '../stats/random';

/** A visit to be made: how long it takes, how much of its end stands over the pit, and by which day (index) it must be. */
export interface RouteLot {
  readonly id: string;
  readonly minutes: number;
  readonly pitMinutes: number;
  /** Index of the last day on which it is in time; null: any of the days. */
  readonly dueDay: number | null;
}
export interface RouteProblem {
  readonly lots: readonly RouteLot[];
  readonly inspectors: readonly string[];
  /** Days that are worked, by their index from 0. */
  readonly days: number;
  /** Minutes from midnight between which visits lie, the same every day. */
  readonly from: number;
  readonly to: number;
}

export interface RouteVisit {
  readonly lot: string;
  readonly inspector: string;
  readonly day: number;
  /** Minutes from midnight. */
  readonly from: number;
  readonly to: number;
  readonly pitFrom: number;
  readonly pitTo: number;
}
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

interface Booked {
  readonly visits: RouteVisit[];
  /** When each inspector is free on each day. */
  readonly free: Float64Array;
  /** Pit intervals of each day, in order. */
  readonly pit: { from: number; to: number }[][];
}

/** The earliest start from a moment on at which the pit is free for the end of a visit; null where there is none in the day. */
function startAt(
  pit: readonly { from: number; to: number }[],
  from: number,
  lot: RouteLot,
  until: number,
): number | null {
  let start = from;
  if (lot.pitMinutes > 0)
    for (const p of pit) {
      const [pitFrom, pitTo] = [start + lot.minutes - lot.pitMinutes, start + lot.minutes];
      if (pitTo <= p.from) break;
      if (pitFrom < p.to) start = p.to - (lot.minutes - lot.pitMinutes);
    }
  return start + lot.minutes <= until ? start : null;
}

/** The place of a lot that ends soonest on the first day on which there is one; null where there is none up to a day. */
function placeFor(lot: RouteLot, p: RouteProblem, booked: Booked, lastDay: number) {
  for (let day = 0; day <= lastDay; day++) {
    let best: { inspector: number; day: number; start: number } | null = null;
    for (let i = 0; i < p.inspectors.length; i++) {
      const start = startAt(booked.pit[day]!, booked.free[day * p.inspectors.length + i]!, lot, p.to);
      if (start !== null && (best === null || start < best.start)) best = { inspector: i, day, start };
    }
    if (best) return best;
  }
  return null;
}

function book(
  lot: RouteLot,
  at: { inspector: number; day: number; start: number },
  p: RouteProblem,
  booked: Booked,
): void {
  const to = at.start + lot.minutes;
  booked.free[at.day * p.inspectors.length + at.inspector] = to;
  if (lot.pitMinutes > 0) {
    const pit = booked.pit[at.day]!;
    pit.push({ from: to - lot.pitMinutes, to });
    pit.sort((a, b) => a.from - b.from);
  }
  booked.visits.push({
    lot: lot.id,
    inspector: p.inspectors[at.inspector]!,
    day: at.day,
    from: at.start,
    to,
    pitFrom: to - lot.pitMinutes,
    pitTo: to,
  });
}

const dueOf = (lot: RouteLot, p: RouteProblem) => Math.min(lot.dueDay ?? p.days - 1, p.days - 1);

/** Books lots in an order, each where it ends soonest in time; those without such a place come after, where there is room. */
function bookAll(order: readonly RouteLot[], p: RouteProblem): { booked: Booked; late: RouteLot[] } {
  const booked: Booked = {
    visits: [],
    free: new Float64Array(p.days * p.inspectors.length).fill(p.from),
    pit: Array.from({ length: p.days }, () => []),
  };
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
  const day = p.to - p.from;
  const m = p.inspectors.length;
  const tooLong = p.lots.filter((l) => l.minutes > day || dueOf(l, p) < 0).length;
  const rest = p.lots.filter((l) => l.minutes <= day && dueOf(l, p) >= 0);
  const of = (time: (l: RouteLot) => number) =>
    fewestLateOfOne(rest.map((l) => ({ time: time(l), due: (dueOf(l, p) + 1) * day })));
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
  const firsts = [
    by((l) => -l.minutes),
    by((l) => -l.pitMinutes),
    by((l) => l.minutes),
    by((l) => l.minutes - l.pitMinutes),
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
 * its minutes lie at the visit's end. Lots are booked in many orders (seeded), those left out are put first the next time;
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
  const visits = [...best!.booked.visits].sort(
    (a, b) => a.day - b.day || a.from - b.from || (a.inspector < b.inspector ? -1 : 1),
  );
  return { visits, late, bound, gap: Math.max(0, late.length - bound) / p.lots.length };
}
