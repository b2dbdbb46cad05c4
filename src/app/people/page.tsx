import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { houseSettings } from '@/data/house';
import { invitationsOf } from '@/data/invitations';
import { peopleOf, saleLendings } from '@/data/people';
import { salesOf } from '@/data/sales';
import { People } from '@/screens/people/people';
import { pageActor } from '@/server/actor';
import { mailIsOn } from '@/server/mail';
import { DeviceKeeper } from '@/ui/device/device-keeper';

export const metadata: Metadata = { title: 'People' };
export const dynamic = 'force-dynamic';

/** Who works here and how somebody comes in; managers look after it. */
export default async function PeoplePage() {
  const actor = await pageActor();
  if (!mayManage(actor)) redirect('/account');
  const [settings, people, invitations, sales, lent] = await Promise.all([
    houseSettings(db(), actor),
    peopleOf(db(), actor),
    invitationsOf(db(), actor, new Date()),
    salesOf(db(), actor),
    saleLendings(db(), actor),
  ]);
  return (
    <>
      <People
        house={settings.name}
        me={actor.userId}
        mails={mailIsOn()}
        sales={sales.filter((s) => s.state !== 'archived').map(({ id, name }) => ({ id, name }))}
        people={people.map((p) => ({ ...p, sales: lent.filter((l) => l.userId === p.id).map((l) => l.saleId) }))}
        invitations={invitations.map(({ createdAt: _made, expiresAt, ...i }) => ({
          ...i,
          expiresAt: expiresAt.toISOString(),
        }))}
      />
      <DeviceKeeper me={actor.userId} role={actor.role} />
    </>
  );
}
