import {
  type Booked,
  book,
  dueOf,
  inTurn,
  nothingBooked,
  placeFor,
  type RouteLot,
  type RouteProblem,
  startOf,
} from './booking';
import { lateAtLeast, type Route } from './route';

/** A visit as somebody was told it: by whom and on which day, in the order in which they come. */
export interface ToldVisit {
  readonly lot: string;
  readonly inspector: string;
  readonly day: number;
}
export interface Replanned extends Route {
  /** Visits that go to another day or person than was told, and those that were told and have no room. */
  readonly moved: readonly string[];
}

/** Books a told visit where it was told, as soon as its person is free there; false where the day has no room for it. */
function asTold(lot: RouteLot, told: ToldVisit, p: RouteProblem, booked: Booked): boolean {
  const inspector = p.inspectors.indexOf(told.inspector);
  if (inspector < 0 || told.day < 0 || told.day >= p.days) return false;
  const start = startOf(lot, p, booked, told.day, inspector);
  if (start === null) return false;
  book(lot, { inspector, day: told.day, start }, p, booked);
  return true;
}

/**
 * A plan from a moment on that keeps what people were told as far as it can: each visit stays with its person, day and turn
 * while that has room; what has none, and what was told for a day that is over, goes where it is soonest in time, else where
 * there is room at all. Hours are to be those that are left (leftOf). Lots that nobody was told of are placed last. Takes the
 * time of one booking; how many must be late whatever is done is told beside it. Refuses nothing.
 */
export function replan(p: RouteProblem, told: readonly ToldVisit[]): Replanned {
  const lots = new Map(p.lots.map((l) => [l.id, l]));
  const booked = nothingBooked(p);
  const kept = new Set<string>();
  for (const visit of told) {
    const lot = lots.get(visit.lot);
    if (lot && !kept.has(lot.id) && asTold(lot, visit, p, booked)) kept.add(lot.id);
  }
  const toldOf = new Set(told.map((t) => t.lot));
  const rest = p.lots
    .filter((l) => !kept.has(l.id))
    .sort((a, b) => Number(toldOf.has(b.id)) - Number(toldOf.has(a.id)) || dueOf(a, p) - dueOf(b, p));
  for (const lot of rest) {
    const at = placeFor(lot, p, booked, dueOf(lot, p)) ?? placeFor(lot, p, booked, p.days - 1);
    if (at) book(lot, at, p, booked);
  }
  const visits = [...booked.visits].sort(inTurn);
  const late = p.lots
    .filter((l) => {
      const visit = visits.find((v) => v.lot === l.id);
      return !visit || visit.day > dueOf(l, p);
    })
    .map((l) => l.id);
  const bound = lateAtLeast(p);
  return {
    visits,
    late,
    bound,
    gap: p.lots.length === 0 ? 0 : Math.max(0, late.length - bound) / p.lots.length,
    moved: rest.filter((l) => toldOf.has(l.id)).map((l) => l.id),
  };
}
