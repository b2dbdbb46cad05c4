import type { Days } from '@/core/dates/date-code';
import type { DateFit } from '@/core/dates/windows';
import type { Built, DatedPart } from '@/core/identity/model';
import { dayText } from './dates';

export const BUILT_BY_WORDS: Readonly<Record<Built['by'], string>> = {
  plate: 'by its plate',
  number: 'by the year in its number',
  year: 'by the year that is stated',
};
export const DATE_FIT_WORDS: Readonly<Record<DateFit, string>> = {
  fits: 'fits',
  'too-late': 'too late: fitted after the car was built',
  'too-early': 'too early: from an older car, from stock, or the decade is another',
};
const WHY_WORDS: Readonly<Record<NonNullable<DatedPart['why']>, string>> = {
  'not-in-table': 'not understood: no such part in the table',
  'not-of-its-forms': 'not understood: of none of its forms',
  'no-such-day': 'not understood: there is no such day',
  'no-build-date': 'the decade is open: when the car was built is not known',
};

/** "14 Mar 1967", "Feb 1967", "1967", or from and to. */
export function daysText({ from, to }: Days): string {
  if (from === to) return dayText(from);
  if (from.endsWith('-01-01') && to.endsWith('-12-31') && from.slice(0, 4) === to.slice(0, 4)) return from.slice(0, 4);
  return `${dayText(from)} to ${dayText(to)}`;
}

/** What a dated part says: when it was made, whether that fits, and that the decade was taken by the day of building. */
export function datedText(d: Omit<DatedPart, 'record' | 'name'>): string {
  if (!d.made) return WHY_WORDS[d.why ?? 'not-of-its-forms'];
  return [
    daysText(d.made) + (d.made.byBuild ? ' (decade by the day of building)' : ''),
    d.fit ? DATE_FIT_WORDS[d.fit] : '',
  ]
    .filter(Boolean)
    .join(': ');
}
