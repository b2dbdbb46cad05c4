import { readsHouse } from '@/data/actor';
import { db } from '@/data/db';
import { inspectionHead, recordsOfInspection } from '@/data/inspections';
import { orgTables } from '@/data/org-tables';
import { notFound, route } from '@/server/api';
import { saleYear } from '@/server/sealing';
import { figureShop } from '@/server/workshop/workshop';

/** A lot's jobs, weighed for a choice among the lots of its sale; none where nobody said what it fetches. */
export const GET = route<{ id: string }>(
  readsHouse,
  async ({ actor, params }) => {
    const head = await inspectionHead(db(), actor, params.id);
    if (!head) return notFound();
    const [records, { tables }] = await Promise.all([
      recordsOfInspection(db(), actor, params.id),
      orgTables(db(), actor),
    ]);
    const onYear = saleYear(head.sale.closesOn, new Date(), head.sale.timeZone);
    // A judgement for each job: the server goes on answering meanwhile.
    const weighed = await figureShop().run('weighLot', { records, tables, onYear, lens: 'keeper' });
    return Response.json({ ok: true, weighed }, { headers: { 'cache-control': 'no-store' } });
  },
  'heavy',
);
