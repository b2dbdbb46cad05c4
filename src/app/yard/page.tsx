import type { Metadata } from 'next';
import { db } from '@/data/db';
import { salesOf, yardPage } from '@/data/lots';
import { Yard } from '@/screens/yard/yard';
import { pageActor } from '@/server/actor';
import { saleYear } from '@/server/sealing';
import { freshSummaries } from '@/server/summaries';

export const metadata: Metadata = { title: 'Yard' };
export const dynamic = 'force-dynamic';

export default async function YardPage({ searchParams }: { searchParams: Promise<{ sale?: string }> }) {
  const actor = await pageActor();
  const sales = await salesOf(db(), actor);
  const wanted = (await searchParams).sale;
  const sale = sales.find((s) => s.id === wanted) ?? sales[0] ?? null;
  const now = new Date();
  const rows = sale
    ? await freshSummaries(db(), actor, await yardPage(db(), actor, sale.id, 0, 1000), saleYear(sale.closesOn, now))
    : [];
  return (
    <Yard
      sales={sales}
      sale={sale}
      rows={rows.map(({ stale: _s, changeCount: _c, ...r }) => r)}
      today={now.toISOString().slice(0, 10)}
      me={{ name: actor.name, role: actor.role }}
    />
  );
}
