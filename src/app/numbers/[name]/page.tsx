import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { DEFAULT_TABLES } from '@/core/grade/all-tables';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { orgTables, tableHistory } from '@/data/org-tables';
import { OneTable } from '@/screens/numbers/one-table';
import { pageActor } from '@/server/actor';
import { isTableName } from '@/server/table-asked';
import { Messages } from '@/ui/shell/messages';
import { TABLE_WORDS } from '@/words/tables';

type Params = { params: Promise<{ name: string }> };
export const dynamic = 'force-dynamic';

export async function generateMetadata({ params }: Params): Promise<Metadata> {
  const { name } = await params;
  return { title: isTableName(name) ? TABLE_WORDS[name].name : 'Numbers' };
}

/** One table of numbers: what it holds, against the shipped one, what a change would move, and how it changed. */
export default async function TablePage({ params }: Params) {
  const actor = await pageActor();
  const { name } = await params;
  if (!isTableName(name)) notFound();
  const manages = mayManage(actor);
  const [{ tables }, history] = await Promise.all([
    orgTables(db(), actor),
    manages ? tableHistory(db(), actor, name) : [],
  ]);
  return (
    <>
      <OneTable
        key={history[0]?.id ?? 0}
        name={name}
        tables={tables}
        shipped={DEFAULT_TABLES[name]}
        mayEdit={manages && name !== 'yardstick'}
        history={history.map((h) => ({ ...h, at: h.at.toISOString() }))}
      />
      <Messages />
    </>
  );
}
