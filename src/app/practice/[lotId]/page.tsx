import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { uuidSchema } from '@/core/kinds/common';
import { metalOf } from '@/core/practice/car-record';
import { mayEnter, mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { practiceOf } from '@/data/practice';
import { Came } from '@/screens/practice/came';
import { pageActor } from '@/server/actor';
import { rememberedHouse } from '@/server/remembered-house';
import { Messages } from '@/ui/shell/messages';

export const metadata: Metadata = { title: 'What came of it' };
export const dynamic = 'force-dynamic';

/** A closed practice lot: the truth over a made car, or two looks side by side. */
export default async function CamePage({ params }: { params: Promise<{ lotId: string }> }) {
  const actor = await pageActor();
  const id = uuidSchema.safeParse((await params).lotId);
  const row = id.success && mayEnter(actor) ? await practiceOf(db(), actor, id.data) : null;
  const mine = row && (row.person.id === actor.userId || mayManage(actor) || row.kind === 'second');
  if (!row?.outcome || !mine) notFound();
  const { truth, outcome, ...facts } = row;
  const { currency } = await rememberedHouse(actor);
  return (
    <>
      <Came
        row={facts}
        outcome={outcome}
        car={truth && { style: truth.style, metal: metalOf(truth) }}
        currency={currency}
      />
      <Messages />
    </>
  );
}
