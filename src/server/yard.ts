import { dayIn } from '@/core/time/day';
import type { Sale } from '@/core/yard/sale-facts';
import type { YardAsked, YardLot, YardRow } from '@/core/yard/yard-lot';
import type { YardSeen } from '@/core/yard/yard-seen';
import { type Actor, mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { highestNumber } from '@/data/lots';
import { salePageOf } from '@/data/published';
import { salesOf } from '@/data/sales';
import { isYardPlace, type YardCounts, yardPage, yardToday } from '@/data/yard';
import { houseMemory } from './house-memory';
import { rememberedHouse } from './remembered-house';
import { saleYear } from './sealing';
import { freshSummaries } from './summaries';

/** Lots on one page of the Yard. */
const PAGE = 100;
const NO_LOTS: YardCounts = { late: 0, thin: 0, going: 0, 'not begun': 0, sealed: 0, withdrawn: 0 };
const NOTHING_SEEN = { rows: [], nextPage: null, counts: NO_LOTS, next: null, highest: 0, salePage: null };

/** The Yard of who asks: from memory while nothing of the house changed, the same object each time. */
export const yardSeen = (actor: Actor, asked: YardAsked, now: Date): Promise<YardSeen> =>
  houseMemory().answer(actor, JSON.stringify(['yard', mayManage(actor), asked]), () => readYard(actor, asked, now));

async function readYard(actor: Actor, asked: YardAsked, now: Date): Promise<YardSeen> {
  const sales = await salesOf(db(), actor);
  const sale = sales.find((s) => s.id === asked.sale) ?? sales.find((s) => s.state !== 'archived') ?? null;
  const { timeZone, currency, words, units } = await rememberedHouse(actor);
  const beginning = { timeZone, currency, words, units };
  // A lot is late by the sale's own days.
  const today = dayIn(now, sale?.timeZone ?? 'UTC');
  if (!sale) return { sales, sale, beginning, today, ...NOTHING_SEEN };
  const lots = await lotsSeen(actor, sale, asked, today, now);
  const salePage = mayManage(actor) ? await salePageOf(db(), actor, sale.id) : null;
  return { sales, sale, beginning, today, salePage, ...lots };
}

async function lotsSeen(actor: Actor, sale: Sale, asked: YardAsked, today: string, now: Date) {
  const { show, sort, search } = asked;
  const after = asked.after !== null && isYardPlace(sort, asked.after) ? asked.after : null;
  const [page, here, highest] = await Promise.all([
    yardPage(db(), actor, sale.id, { show, sort, search, after, limit: PAGE, today }),
    yardToday(db(), actor, sale.id, today),
    highestNumber(db(), actor, sale.id),
  ]);
  const needed = here.next && !page.rows.some((r) => r.id === here.next!.id) ? [...page.rows, here.next] : page.rows;
  const stale = needed.some((r) => r.stale || !r.summary);
  const fresh = await freshSummaries(db(), actor, needed, saleYear(sale.closesOn, now, sale.timeZone));
  // What was stale may have moved a lot from thin to going: counted anew, so that the page agrees with itself.
  const { counts } = stale ? await yardToday(db(), actor, sale.id, today) : here;
  const shown = ({ id }: YardRow): YardLot => {
    const { stale: _s, changeCount: _c, ...row } = fresh.find((r) => r.id === id)!;
    return row;
  };
  return {
    rows: page.rows.map(shown),
    nextPage: page.next,
    counts,
    next: here.next ? shown(here.next) : null,
    highest,
  };
}
