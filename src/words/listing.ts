import type { ListingWords } from '@/core/claims/listing';
import type { AnyRecord } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';
import { capital } from './capital';
import { balanceText, reachText } from './claims';

/**
 * A sentence that what was found does carry, in place of words that say more; empty where the words may stand. The seller is
 * quoted only where he said such a thing: `told` has his words by kind of claim.
 */
export function listingSuggestion(
  w: ListingWords,
  place: (zone: string) => string,
  told: ReadonlyMap<string, string> = new Map(),
): string {
  if (w.verdict === 'supported') return '';
  const c = w.weighed;
  if (!c)
    return w.verdict === 'contradicted'
      ? 'What is wrong with it stands in the report.'
      : 'What was looked at, and what was not, stands in the report.';
  const marks = (side: 'for' | 'against') =>
    c.marks
      .filter((m) => !m.withheld && m.counted !== 1 && (side === 'for' ? m.ratio > 1 : m.ratio < 1))
      .sort((a, b) => Math.abs(Math.log(b.counted)) - Math.abs(Math.log(a.counted)))
      .slice(0, 2)
      .map((m) => balanceText(m, m.zone ? place(m.zone) : ''));
  if (w.verdict === 'contradicted') {
    const against = marks('against');
    return against.length > 0 ? `${capital(against.join('; '))}.` : 'To be left out.';
  }
  const found = marks('for');
  const carried = found.length > 0 ? `${capital(found.join('; '))}. ` : '';
  if (w.verdict === 'wider') return `${carried}${reachText(c, w.claim, place)}`.trim();
  const seller = told.get(w.claim);
  if (seller)
    return `${carried}The seller says “${seller}”; ${c.marks.length === 0 ? 'nothing was looked for' : 'what was found does not decide it'}.`;
  return carried.trim() || 'To be left out.';
}

/** The seller's own words by kind of claim, the first of each. */
export const sellersWords = (records: readonly AnyRecord[]): ReadonlyMap<string, string> =>
  new Map(
    recordsOf(records, 'claim')
      .map((c): [string, string] => [c.body.kind, c.body.text])
      .reverse(),
  );
