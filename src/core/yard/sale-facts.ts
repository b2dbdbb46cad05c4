import { z } from 'zod';
import { daySchema, text } from '../kinds/common';
import { isTimeZone } from '../time/day';

/** Most days by which a report may have to be there before a sale opens. */
const MOST_DAYS = 365;

export const currencySchema = text(8).regex(/^[A-Z]{2,5}$/, 'a currency has two to five capital letters');
export const timeZoneSchema = text(60).refine(isTimeZone, 'no time zone of this name is known, such as Europe/Lisbon');
export const wordsSchema = z.enum(['en-GB', 'en-US']);
export const unitsSchema = z.enum(['um', 'mil']);

/** `closed` takes no more lots; `archived` stands no longer on the Yard. Both can be taken back. */
export const SALE_STATES = ['open', 'closed', 'archived'] as const;
export type SaleState = (typeof SALE_STATES)[number];
/** The state of a house's own sale that holds practice cars and second looks: no list, link, seal or count has to do with it. */
export const PRACTICE = 'practice';

/**
 * What is said of a sale. A dealer's stock has no closing day. Days are calendar days in its time zone; `embargoUntil`
 * is an instant: until then links open no report.
 */
export const saleFactsSchema = z.strictObject({
  name: text(120).min(2),
  place: text(200),
  timeZone: timeZoneSchema,
  opensOn: daySchema.nullable(),
  closesOn: daySchema.nullable(),
  catalogueOn: daySchema.nullable(),
  reportDaysBefore: z.number().int().min(0).max(MOST_DAYS).nullable(),
  currency: currencySchema,
  words: wordsSchema,
  units: unitsSchema,
  kerb: z.enum(['left', 'right']),
  embargoUntil: z.iso.datetime({ offset: true }).nullable(),
});
export type SaleFacts = z.infer<typeof saleFactsSchema>;

/** With what a new sale begins: what its house says of itself. */
export type SaleBeginning = Pick<SaleFacts, 'timeZone' | 'currency' | 'words' | 'units'>;

/** A sale as everybody who sees it reads it. */
export interface Sale extends SaleFacts {
  readonly id: string;
  readonly state: SaleState;
}

export type SaleFault =
  | { readonly fault: 'closes-before-opening'; readonly field: 'closesOn' }
  | { readonly fault: 'report-days-without-opening'; readonly field: 'reportDaysBefore' };

/** What of a sale's facts contradicts itself, first one first; null when nothing does. */
export function saleFault(facts: Pick<SaleFacts, 'opensOn' | 'closesOn' | 'reportDaysBefore'>): SaleFault | null {
  if (facts.opensOn && facts.closesOn && facts.closesOn < facts.opensOn)
    return { fault: 'closes-before-opening', field: 'closesOn' };
  if (facts.reportDaysBefore !== null && !facts.opensOn)
    return { fault: 'report-days-without-opening', field: 'reportDaysBefore' };
  return null;
}
