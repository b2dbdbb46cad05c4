import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { uuidSchema } from '@/core/kinds/common';
import { mayManage, readsHouse } from '@/data/actor';
import { db } from '@/data/db';
import { orgTables } from '@/data/org-tables';
import { pricedLots, workPlanOf } from '@/data/sale-work';
import { salesOf } from '@/data/sales';
import { SaleWork } from '@/screens/sale-work/sale-work';
import { pageActor } from '@/server/actor';
import { Messages } from '@/ui/shell/messages';

export const metadata: Metadata = { title: 'Work before the sale' };
export const dynamic = 'force-dynamic';

export default async function SaleWorkPage({ searchParams }: { searchParams: Promise<Record<string, unknown>> }) {
  const actor = await pageActor();
  const id = uuidSchema.safeParse((await searchParams).sale);
  const sale = (await salesOf(db(), actor)).find((s) => s.id === id.data);
  if (!sale || !readsHouse(actor)) notFound();
  const [lots, plan, { tables }] = await Promise.all([
    pricedLots(db(), actor, sale.id),
    workPlanOf(db(), actor, sale.id),
    orgTables(db(), actor),
  ]);
  return (
    <>
      <SaleWork
        sale={{ id: sale.id, name: sale.name, currency: sale.currency }}
        lots={lots}
        kept={plan}
        cost={{ allow: tables.cost.allow, hoursPerDay: tables.cost.hoursPerDay }}
        mayKeep={mayManage(actor)}
      />
      <Messages />
    </>
  );
}
