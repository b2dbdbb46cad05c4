import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { uuidSchema } from '@/core/kinds/common';
import { roleMay } from '@/core/people/roles';
import { dayIn } from '@/core/time/day';
import { mayManage, readsHouse } from '@/data/actor';
import { db, inOrg } from '@/data/db';
import { peopleOf } from '@/data/people';
import { daysFeedOf, daysPlanOf, lotsToVisit } from '@/data/sale-days';
import { salesOf } from '@/data/sales';
import { learntFrom } from '@/data/visit-times';
import { Days } from '@/screens/days/days';
import { pageActor } from '@/server/actor';
import { Messages } from '@/ui/shell/messages';

export const metadata: Metadata = { title: 'Days' };
export const dynamic = 'force-dynamic';

export default async function DaysPage({ searchParams }: { searchParams: Promise<Record<string, unknown>> }) {
  const actor = await pageActor();
  const id = uuidSchema.safeParse((await searchParams).sale);
  const sale = (await salesOf(db(), actor)).find((s) => s.id === id.data);
  if (!sale || !readsHouse(actor)) notFound();
  const [lots, plan, people, feed, { took, knows }] = await Promise.all([
    lotsToVisit(db(), actor, sale.id),
    daysPlanOf(db(), actor, sale.id),
    peopleOf(db(), actor),
    mayManage(actor) ? daysFeedOf(db(), actor, sale.id) : null,
    inOrg(db(), actor, (tx) => learntFrom(tx, actor)),
  ]);
  return (
    <>
      <Days
        sale={{ id: sale.id, name: sale.name, place: sale.place, opensOn: sale.opensOn, timeZone: sale.timeZone }}
        lots={lots}
        kept={plan}
        inspectors={people.filter((p) => p.role === 'inspector' && roleMay(p.role, 'enter')).map((p) => p.name)}
        today={dayIn(new Date(), sale.timeZone)}
        mayKeep={mayManage(actor)}
        feed={feed}
        took={took}
        knows={knows}
      />
      <Messages />
    </>
  );
}
