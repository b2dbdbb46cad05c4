import { differenceInCalendarDays, format, parseISO } from 'date-fns';
import { clockIn, dayIn } from '@/core/time/day';

const PLAIN_DAY = /^\d{4}-\d\d-\d\d$/;

/** A day as 4 Mar 2027; of a moment, the day in the sale's time zone: the same on every machine. */
export function dayText(iso: string, timeZone = 'UTC'): string {
  return format(parseISO(PLAIN_DAY.test(iso) ? iso : dayIn(new Date(iso), timeZone)), 'd MMM yyyy');
}

/** A moment as 4 Mar 2027, 09:12 UTC, by the clock of the sale's time zone, which is named. */
export function momentText(iso: string, timeZone = 'UTC'): string {
  return `${dayText(iso, timeZone)}, ${clockIn(new Date(iso), timeZone)} ${zoneText(timeZone)}`;
}

/** "Europe/Some_Place" as "Some Place time". */
const zoneText = (timeZone: string) =>
  timeZone === 'UTC' ? 'UTC' : `${timeZone.split('/').at(-1)!.replaceAll('_', ' ')} time`;

/** Whole days from one calendar day to another; negative when it lies before. */
export function daysUntil(iso: string, today: string): number {
  return differenceInCalendarDays(parseISO(iso), parseISO(today));
}
