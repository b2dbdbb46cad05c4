import { atCar, type HungKeys } from './moving';
import type { Span } from './visit-order';

/** A visit to be made: how long it takes, how much of its end stands over the pit, and by which day (index) it must be. */
export interface RouteLot {
  readonly id: string;
  readonly minutes: number;
  readonly pitMinutes: number;
  /** Index of the last day on which it is in time; null: any of the days. */
  readonly dueDay: number | null;
  /** Where it stands as it is written; absent: the way to it is not reckoned. */
  readonly stands?: string;
  /** Absent: its keys are at the car, or nobody said where. */
  readonly keys?: HungKeys;
  /** Inspectors who know such cars: taken where that costs no more than a few minutes. */
  readonly knownBy?: readonly string[];
}
export interface RouteProblem {
  readonly lots: readonly RouteLot[];
  readonly inspectors: readonly string[];
  /** Days that are worked, by their index from 0. */
  readonly days: number;
  /** Minutes from midnight between which visits lie. */
  readonly from: number;
  readonly to: number;
  /** By day where they differ: daylight, a half day, what is left of today; an empty span: no visit. */
  readonly hours?: readonly Span[];
  /** Days on which it is likely to rain: taken last, as long as a lot is in time all the same. */
  readonly wet?: readonly boolean[];
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
export interface Booked {
  readonly visits: RouteVisit[];
  /** When each inspector is free on each day. */
  readonly free: Float64Array;
  /** Where each inspector's last car of each day stands. */
  readonly last: (string | undefined)[];
  /** Pit intervals of each day, in order. */
  readonly pit: { from: number; to: number }[][];
}

/** The earliest start from a moment on at which the pit is free for the end of a visit; null where there is none in the day. */
export function startAt(
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

/** The hours of a day. */
export const hoursOf = ({ from, to, hours }: RouteProblem, day: number): Span => hours?.[day] ?? [from, to];

/** Nothing booked yet: everybody is free from the beginning of each day. */
export const nothingBooked = (p: RouteProblem): Booked => ({
  visits: [],
  free: Float64Array.from(
    { length: p.days * p.inspectors.length },
    (_, i) => hoursOf(p, Math.floor(i / p.inspectors.length))[0],
  ),
  last: [],
  pit: Array.from({ length: p.days }, () => []),
});

/** So many minutes later may begin who knows such cars. */
const KNOWING_MIN = { minutes: 15, source: 'house starting value' } as const;

/** The earliest start of a visit by somebody on a day, after the way to it and its keys; null where there is none. */
export function startOf(lot: RouteLot, p: RouteProblem, booked: Booked, day: number, inspector: number): number | null {
  const at = day * p.inspectors.length + inspector;
  const ready = atCar(booked.free[at]!, booked.last[at], lot);
  return ready === null ? null : startAt(booked.pit[day]!, ready, lot, hoursOf(p, day)[1]);
}

/** Days up to one, those without rain first, each kind in its order. */
const daysUpTo = ({ wet }: RouteProblem, last: number): number[] => {
  const all = Array.from({ length: Math.max(0, last + 1) }, (_, d) => d);
  return wet ? [...all.filter((d) => !wet[d]), ...all.filter((d) => wet[d])] : all;
};

/**
 * The place of a lot that ends soonest on the first day on which there is one, dry days first, and with whoever knows such cars
 * where that is hardly later; null where there is none up to a day.
 */
export function placeFor(lot: RouteLot, p: RouteProblem, booked: Booked, lastDay: number) {
  for (const day of daysUpTo(p, lastDay)) {
    let best: { inspector: number; day: number; start: number; counts: number } | null = null;
    for (let i = 0; i < p.inspectors.length; i++) {
      const start = startOf(lot, p, booked, day, i);
      if (start === null) continue;
      const counts = start - (lot.knownBy?.includes(p.inspectors[i]!) ? KNOWING_MIN.minutes : 0);
      if (best === null || counts < best.counts) best = { inspector: i, day, start, counts };
    }
    if (best) return best;
  }
  return null;
}

export function book(
  lot: RouteLot,
  at: { inspector: number; day: number; start: number },
  p: RouteProblem,
  booked: Booked,
): void {
  const to = at.start + lot.minutes;
  const who = at.day * p.inspectors.length + at.inspector;
  booked.free[who] = to;
  booked.last[who] = lot.stands;
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

/** Visits in turn: by day, by clock, then by name. */
export const inTurn = (a: RouteVisit, b: RouteVisit): number =>
  a.day - b.day || a.from - b.from || (a.inspector < b.inspector ? -1 : 1);

/** The last day on which a lot is in time. */
export const dueOf = (lot: RouteLot, p: RouteProblem) => Math.min(lot.dueDay ?? p.days - 1, p.days - 1);
