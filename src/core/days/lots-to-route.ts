import { differenceInCalendarDays, parseISO } from 'date-fns';
import type { School } from '../catalogue/schools';
import type { RouteLot } from './booking';
import { STATION_TABLE } from './stations';

/** Least that a visit takes, however much was seen before: coming, keys, what is still open. */
const LEAST_MINUTES = 20;

/** Minutes of a whole visit of a working order, and of it those over the pit. */
export function visitMinutes(school: School): { readonly minutes: number; readonly pit: number } {
  const sum = (only: (needs: readonly string[]) => boolean) =>
    STATION_TABLE.reduce((s, t) => s + (only(t.needs) ? (t.minutes[school] ?? 0) : 0), 0);
  return { minutes: sum(() => true), pit: sum((needs) => needs.includes('pit')) };
}

/**
 * Lots as they are planned: what of a visit of the working order is left by what was seen, due by their days. `takes`: minutes
 * of a whole visit as the house learnt them; as shipped where it did not.
 */
export function lotsToRoute(
  lots: readonly { readonly id: string; readonly seen: number; readonly reportDueOn: string | null }[],
  school: School,
  first: string,
  takes?: number,
): RouteLot[] {
  const shipped = visitMinutes(school);
  const times = takes === undefined || shipped.minutes === 0 ? 1 : takes / shipped.minutes;
  const whole = { minutes: shipped.minutes * times, pit: shipped.pit * times };
  return lots.map((l) => {
    const minutes = Math.max(LEAST_MINUTES, Math.round(whole.minutes * (1 - l.seen)));
    return {
      id: l.id,
      minutes,
      pitMinutes: Math.min(minutes, Math.round(whole.pit * (1 - l.seen))),
      dueDay: l.reportDueOn === null ? null : differenceInCalendarDays(parseISO(l.reportDueOn), parseISO(first)),
    };
  });
}
