import ical from 'ical-generator';
import { timeOf } from '@/core/time/minutes';

export interface IcsVisit {
  readonly on: string;
  readonly from: number;
  readonly to: number;
  readonly lot: {
    readonly id: string;
    readonly number: number;
    readonly title: string;
    readonly stands: string;
    readonly keysWith: string;
  };
}

/**
 * A person's visits of a sale as an iCalendar file (RFC 5545): at the clock of the place (floating times), each event under an id
 * that stays, so that a newer file takes the place of an older one.
 */
export function visitsIcs(
  visits: readonly IcsVisit[],
  sale: { readonly id: string; readonly name: string },
  person: string,
): string {
  const calendar = ical({
    name: `${sale.name}: ${person}`,
    prodId: { company: 'Farvin', product: 'Days', language: 'EN' },
  });
  const at = (on: string, minute: number) => new Date(`${on}T${timeOf(Math.min(minute, 24 * 60 - 1))}:00`);
  for (const { on, from, to, lot } of visits)
    calendar.createEvent({
      id: `${sale.id}-${lot.id}@farvin`,
      summary: `Lot ${lot.number}, ${lot.title}`,
      location: lot.stands,
      description: lot.keysWith ? `Keys: ${lot.keysWith}` : '',
      start: at(on, from),
      end: at(on, to),
      floating: true,
      status: 'TENTATIVE' as never,
    });
  return calendar.toString();
}
