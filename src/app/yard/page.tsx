import type { Metadata } from 'next';
import { z } from 'zod';
import { text, uuidSchema } from '@/core/kinds/common';
import { dayIn } from '@/core/time/day';
import { SORTS, type Sort, STANDINGS } from '@/core/yard/standing';
import { db } from '@/data/db';
import { highestNumber, isYardPlace, salesOf, yardPage, yardToday } from '@/data/lots';
import { Yard } from '@/screens/yard/yard';
import { pageActor } from '@/server/actor';
import { saleYear } from '@/server/sealing';
import { freshSummaries } from '@/server/summaries';
import { DeviceKeeper } from '@/ui/device/device-keeper';

export const metadata: Metadata = { title: 'Yard' };
export const dynamic = 'force-dynamic';

const PAGE = 100;
const askedSchema = z.object({
  sale: uuidSchema.nullable().catch(null),
  show: z.enum(STANDINGS).or(z.literal('all')).catch('all'),
  by: z.enum(Object.keys(SORTS) as [Sort, ...Sort[]]).catch('number'),
  q: text(100).catch(''),
  after: z.string().max(60).nullable().catch(null),
});

const NO_LOTS = { late: 0, thin: 0, going: 0, 'not begun': 0, sealed: 0 };

export default async function YardPage({ searchParams }: { searchParams: Promise<Record<string, unknown>> }) {
  const actor = await pageActor();
  const { sale: wanted, show, by: sort, q: search, after: place } = askedSchema.parse(await searchParams);
  const sales = await salesOf(db(), actor);
  const sale = sales.find((s) => s.id === wanted) ?? sales[0] ?? null;
  const now = new Date();
  // A lot is late by the sale's own days.
  const today = dayIn(now, sale?.timeZone ?? 'UTC');
  const after = place !== null && isYardPlace(sort, place) ? place : null;
  const [page, here, highest] = sale
    ? await Promise.all([
        yardPage(db(), actor, sale.id, { show, sort, search, after, limit: PAGE, today }),
        yardToday(db(), actor, sale.id, today),
        highestNumber(db(), actor, sale.id),
      ])
    : [{ rows: [], next: null }, { counts: NO_LOTS, next: null }, 0];
  const year = sale ? saleYear(sale.closesOn, now, sale.timeZone) : 0;
  const needed = here.next && !page.rows.some((r) => r.id === here.next!.id) ? [...page.rows, here.next] : page.rows;
  const stale = needed.some((r) => r.stale || !r.summary);
  const fresh = await freshSummaries(db(), actor, needed, year);
  // What was stale may have moved a lot from thin to going: counted anew, so that the page agrees with itself.
  const { counts } = stale && sale ? await yardToday(db(), actor, sale.id, today) : here;
  const shown = (id: string) => {
    const { stale: _s, changeCount: _c, ...row } = fresh.find((r) => r.id === id)!;
    return row;
  };
  return (
    <>
      <Yard
        key={`${sale?.id}`}
        sales={sales}
        sale={sale}
        rows={page.rows.map((r) => shown(r.id))}
        nextPage={page.next}
        counts={counts}
        next={here.next ? shown(here.next.id) : null}
        asked={{ sale: wanted, show, sort, search, after }}
        highest={highest}
        today={today}
        me={{ name: actor.name, role: actor.role }}
      />
      <DeviceKeeper me={actor.userId} />
    </>
  );
}
