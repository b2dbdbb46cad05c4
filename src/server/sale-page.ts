import { cache } from 'react';
import { z } from 'zod';
import { text } from '@/core/kinds/common';
import { PUBLIC_SORTS, type PublicAsked, type PublicLot, TRAITS } from '@/core/yard/traits';
import { db } from '@/data/db';
import { type PublicSale, publicLots, publicSale } from '@/data/published';
import { isToken } from './sealing';

/** Lots on one page. */
export const PAGE = 48;

const traits = z
  .preprocess((v) => (v === undefined ? [] : Array.isArray(v) ? v : [v]), z.array(z.enum(TRAITS)).max(TRAITS.length))
  .catch([]);
const askedSchema = z.object({
  q: text(100).catch(''),
  has: traits,
  lacks: traits,
  from: z.coerce.number().min(1).max(100).nullable().catch(null),
  by: z.enum(PUBLIC_SORTS).catch('number'),
  after: z.string().max(60).nullable().catch(null),
});

/** What an address asks of a sale's page; what it asks wrongly counts as not asked. */
export function publicAsked(query: Record<string, unknown>): PublicAsked {
  const { q, has, lacks, from, by, after } = askedSchema.parse({ after: null, from: null, ...query });
  return { search: q, has, lacks, from, sort: by, after };
}

/** The sale behind a page's address, looked up once a request. */
export const saleNamed = cache(
  async (token: string): Promise<PublicSale | null> => (isToken(token) ? publicSale(db(), token) : null),
);

/** The moment until which an embargo holds a sale's reports back; null where none does. */
export const heldUntil = (sale: PublicSale, now: Date): Date | null =>
  sale.embargoUntil && sale.embargoUntil > now ? sale.embargoUntil : null;

export const lotsAsked = (sale: PublicSale, asked: PublicAsked) => publicLots(db(), sale, asked, PAGE);

/** All published lots by number, a page at a time. */
export async function* everyLot(sale: PublicSale): AsyncGenerator<PublicLot> {
  let after: string | null = null;
  do {
    const asked: PublicAsked = { search: '', has: [], lacks: [], from: null, sort: 'number', after };
    const page = await publicLots(db(), sale, asked, 500);
    yield* page.lots;
    after = page.next;
  } while (after);
}
