import { differenceInCalendarDays, parseISO } from 'date-fns';
import type { School } from '../catalogue/schools';
import type { RouteLot } from './booking';
import type { DaysPlan } from './days-plan';
import { MOVING_MIN } from './moving';
import { STATION_TABLE } from './stations';

/** Least that a visit takes, however much was seen before: coming, keys, what is still open. */
const LEAST_MINUTES = 20;

/** Minutes of a whole visit of a working order, and of it those over the pit. */
export function visitMinutes(school: School): { readonly minutes: number; readonly pit: number } {
  const sum = (only: (needs: readonly string[]) => boolean) =>
    STATION_TABLE.reduce((s, t) => s + (only(t.needs) ? (t.minutes[school] ?? 0) : 0), 0);
  return { minutes: sum(() => true), pit: sum((needs) => needs.includes('pit')) };
}

/** A lot as its house knows it. */
export interface LotStanding {
  readonly id: string;
  readonly seen: number;
  readonly reportDueOn: string | null;
  readonly title?: string;
  readonly stands?: string;
  readonly keysWith?: string;
}
/** A lot that is still to be visited. */
export interface LotToVisit extends Required<LotStanding> {
  readonly number: number;
}
/** Who inspected cars of which make before. */
export interface KnowsMake {
  readonly make: string;
  readonly inspector: string;
}

const fold = (text: string) => text.toLowerCase().trim();
/** A text as its words alone, with a space on either side: whether one stands in another as words of its own. */
const asWords = (text: string) => ` ${fold(text).replaceAll(/[^\p{L}\p{N}]+/gu, ' ')} `;

/** Whether a lot's keys are said to hang where a plan says they do. */
export const keysHang = (keysWith: string, where: string): boolean => fold(keysWith).startsWith(fold(where));

/**
 * Lots as they are planned: what of a visit of the working order is left by what was seen, due by their days, where they stand,
 * where their keys hang, and who knows their make. `takes`: minutes of a whole visit as the house learnt them; as shipped where
 * it did not.
 */
export function lotsToRoute(
  lots: readonly LotStanding[],
  plan: Pick<DaysPlan, 'school' | 'from'> & Partial<Pick<DaysPlan, 'keys'>>,
  takes?: number,
  knows: readonly KnowsMake[] = [],
): RouteLot[] {
  const shipped = visitMinutes(plan.school);
  const times = takes === undefined || shipped.minutes === 0 ? 1 : takes / shipped.minutes;
  const whole = { minutes: shipped.minutes * times, pit: shipped.pit * times };
  const { keys } = plan;
  const makes = knows.filter((k) => k.make.trim() !== '').map((k) => ({ ...k, words: asWords(k.make) }));
  return lots.map((l) => {
    const minutes = Math.max(LEAST_MINUTES, Math.round(whole.minutes * (1 - l.seen)));
    const title = asWords(l.title ?? '');
    const known = makes.filter((k) => title.includes(k.words)).map((k) => k.inspector);
    return {
      id: l.id,
      minutes,
      pitMinutes: Math.min(minutes, Math.round(whole.pit * (1 - l.seen))),
      dueDay: l.reportDueOn === null ? null : differenceInCalendarDays(parseISO(l.reportDueOn), parseISO(plan.from)),
      ...(l.stands !== undefined && { stands: l.stands }),
      ...(keys &&
        keysHang(l.keysWith ?? '', keys.where) && { keys: { minutes: MOVING_MIN.key, within: [keys.from, keys.to] } }),
      ...(known.length > 0 && { knownBy: known }),
    };
  });
}
