import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { mayEnter, mayManage } from '@/data/actor';
import { db, inOrg } from '@/data/db';
import { foilReads } from '@/data/gauge-checks';
import { peopleOf } from '@/data/people';
import { practiceRows } from '@/data/practice';
import { Practice } from '@/screens/practice/practice';
import { pageActor } from '@/server/actor';
import { lotsForSecond } from '@/server/practice-lots';
import { Messages } from '@/ui/shell/messages';

export const metadata: Metadata = { title: 'Practice' };
export const dynamic = 'force-dynamic';

export default async function PracticePage() {
  const actor = await pageActor();
  if (!mayEnter(actor)) notFound();
  const manages = mayManage(actor);
  const [rows, lots, people, foils] = await Promise.all([
    practiceRows(db(), actor),
    manages ? lotsForSecond(actor) : [],
    manages ? peopleOf(db(), actor) : [],
    inOrg(db(), actor, (tx) => foilReads(tx, actor)),
  ]);
  return (
    <>
      <Practice
        me={{ id: actor.userId, name: actor.name }}
        manages={manages}
        rows={rows}
        foils={foils}
        lots={lots}
        inspectors={people.filter((p) => mayEnter(p)).map(({ id, name }) => ({ id, name }))}
      />
      <Messages />
    </>
  );
}
