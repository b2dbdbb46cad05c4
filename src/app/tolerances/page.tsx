import type { Metadata } from 'next';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { orgTables } from '@/data/org-tables';
import { Tolerances } from '@/screens/tolerances/tolerances';
import { pageActor } from '@/server/actor';
import { Messages } from '@/ui/shell/messages';

export const metadata: Metadata = { title: 'Gaps and tolerances' };
export const dynamic = 'force-dynamic';

export default async function TolerancesPage() {
  const actor = await pageActor();
  const { tolerances } = (await orgTables(db(), actor)).tables;
  return (
    <>
      <Tolerances rows={tolerances} mayEdit={mayManage(actor)} />
      <Messages />
    </>
  );
}
