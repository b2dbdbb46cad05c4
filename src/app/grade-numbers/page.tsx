import type { Metadata } from 'next';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { orgTables } from '@/data/org-tables';
import { Numbers } from '@/screens/numbers/numbers';
import { pageActor } from '@/server/actor';
import { Messages } from '@/ui/shell/messages';

export const metadata: Metadata = { title: 'Numbers of the grade' };
export const dynamic = 'force-dynamic';

export default async function NumbersPage() {
  const actor = await pageActor();
  const { tables } = await orgTables(db(), actor);
  return (
    <>
      <Numbers tables={tables} mayEdit={mayManage(actor)} />
      <Messages />
    </>
  );
}
