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

/** Hours in which visits may lie, by day: the plan's own, and of these only what is light where it asks for that. */
export function hoursByDay(
  plan: Pick<DaysPlan, 'place' | 'daylightOnly' | 'opens' | 'closes'>,
  days: readonly string[],
  timeZone: string,
): Span[] {
  const light = lightOf(plan, days, timeZone);
  return days.map((_, d) => {
    if (!plan.place || !plan.daylightOnly) return [plan.opens, plan.closes];
    const [from, to] = light[d] ?? [plan.opens, plan.opens];
    const begins = Math.max(plan.opens, Math.ceil(from));
    return [begins, Math.max(begins, Math.min(plan.closes, Math.floor(to)))];
  });
}
