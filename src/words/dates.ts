import { differenceInCalendarDays, format, parseISO } from 'date-fns';

/** A day as 4 Mar 2027. */
export function dayText(iso: string): string {
  return format(parseISO(iso), 'd MMM yyyy');
}

/** A moment as 4 Mar 2027, 09:12 UTC: the same on every machine. */
export function momentText(iso: string): string {
  const [day, time] = [iso.slice(0, 10), iso.slice(11, 16)];
  return `${dayText(day)}, ${time} UTC`;
}

/** Whole days from one calendar day to another; negative when it lies before. */
export function daysUntil(iso: string, today: string): number {
  return differenceInCalendarDays(parseISO(iso), parseISO(today));
}
