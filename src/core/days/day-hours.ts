import { instantIn } from '../time/instant-in';
import { daylightOn } from './daylight';
import type { DaysPlan } from './days-plan';
import type { Span } from './visit-order';

const MINUTE_MS = 60_000;

/** Minutes that the clocks of a zone are ahead of UTC at noon of a day. */
const offsetOn = (day: string, timeZone: string): number =>
  (Date.parse(`${day}T12:00:00Z`) - Date.parse(instantIn(`${day}T12:00`, timeZone))) / MINUTE_MS;

/** Sunrise to sunset of each day by the clock of the place; null where the plan names no place, or the sun does not rise. */
export const lightOf = (plan: Pick<DaysPlan, 'place'>, days: readonly string[], timeZone: string): (Span | null)[] =>
  days.map((day) => (plan.place ? daylightOn(day, plan.place, offsetOn(day, timeZone)) : null));

/** A moment of a plan: which of its days (index), and minutes from midnight. */
export type Moment = NonNullable<DaysPlan['since']>;

/** What is left of days at a moment: those before it are over, its own begins there. */
export const leftOf = (hours: readonly Span[], now: Moment): Span[] =>
  hours.map(([from, to], day) => {
    if (day < now.day) return [to, to];
    return day === now.day ? [Math.min(to, Math.max(from, now.minute)), to] : [from, to];
  });

/** Hours in which visits may lie, by day: the plan's own, of these only what is light where it asks for that, and what was left when it went on. */
export function hoursByDay(
  plan: Pick<DaysPlan, 'place' | 'daylightOnly' | 'opens' | 'closes'> & Partial<Pick<DaysPlan, 'since'>>,
  days: readonly string[],
  timeZone: string,
): Span[] {
  const light = lightOf(plan, days, timeZone);
  const hours = days.map((_, d): Span => {
    if (!plan.place || !plan.daylightOnly) return [plan.opens, plan.closes];
    const [from, to] = light[d] ?? [plan.opens, plan.opens];
    const begins = Math.max(plan.opens, Math.ceil(from));
    return [begins, Math.max(begins, Math.min(plan.closes, Math.floor(to)))];
  });
  return plan.since ? leftOf(hours, plan.since) : hours;
}
