import ical from 'ical-generator';
import type { Slot } from '@/core/cost/calendar';

const DAY_MS = 24 * 3600_000;

export interface IcsJob {
  readonly slot: Slot;
  readonly name: string;
  readonly trade: string;
}

/**
 * Jobs on a car as an iCalendar file (RFC 5545): whole days from the first on, each event under an id that stays the same, so
 * that a newer file takes the place of an older one. They are plans, marked as tentative.
 */
export function workIcs(
  jobs: readonly IcsJob[],
  { lot, title, from }: { lot: string; title: string; from: Date },
): string {
  const calendar = ical({ name: title, prodId: { company: 'Farvin', product: 'Work', language: 'EN' } });
  const day = (n: number) =>
    new Date(Date.UTC(from.getUTCFullYear(), from.getUTCMonth(), from.getUTCDate()) + n * DAY_MS);
  for (const { slot, name, trade } of jobs)
    calendar.createEvent({
      id: `${lot}-${slot.job.replaceAll(/[^a-z0-9-]/g, '-')}@farvin`,
      summary: `${title}: ${name}`,
      description: `${trade}${slot.critical ? '. The car’s end hangs on it.' : ''}`,
      start: day(Math.floor(slot.fromDay)),
      end: day(Math.max(Math.floor(slot.fromDay) + 1, Math.ceil(slot.toDay))),
      allDay: true,
      status: 'TENTATIVE' as never,
    });
  return calendar.toString();
}
