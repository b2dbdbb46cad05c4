import type { Metadata } from 'next';
import { DEFAULT_TABLES, TABLES, type TableName } from '@/core/grade/all-tables';
import { db } from '@/data/db';
import { orgTables, ownTableNames } from '@/data/org-tables';
import { TableList } from '@/screens/numbers/table-list';
import { pageActor } from '@/server/actor';
import { Messages } from '@/ui/shell/messages';

export const metadata: Metadata = { title: 'Numbers' };
export const dynamic = 'force-dynamic';

/** Every table of numbers that judgements use. */
export default async function NumbersPage() {
  const actor = await pageActor();
  const [own, { unfit }] = await Promise.all([ownTableNames(db(), actor), orgTables(db(), actor)]);
  const tables = (Object.keys(TABLES) as TableName[]).map((name) => ({
    name,
    own: own.includes(TABLES[name].stored),
    unfit: unfit.includes(TABLES[name].stored),
    source: (DEFAULT_TABLES[name] as { source?: string }).source ?? '',
  }));
  return (
    <>
      <TableList tables={tables} />
      <Messages />
    </>
  );
}
