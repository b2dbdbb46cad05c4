import type { Metadata } from 'next';
import { headers } from 'next/headers';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { sessionsOf, signInsOf } from '@/data/sign-in-events';
import { Account } from '@/screens/account/account';
import { pageActor } from '@/server/actor';
import { auth } from '@/server/auth';
import { Messages } from '@/ui/shell/messages';

export const metadata: Metadata = { title: 'Sign-ins' };
export const dynamic = 'force-dynamic';

export default async function AccountPage() {
  const actor = await pageActor();
  const present = await auth().api.getSession({ headers: await headers() });
  const sessions = await sessionsOf(db(), actor, new Date());
  const events = mayManage(actor) ? await signInsOf(db(), actor) : [];
  return (
    <>
      <Account
        me={{
          name: actor.name,
          role: actor.role,
          userId: actor.userId,
          secondStep: present?.user.twoFactorEnabled ?? false,
        }}
        sessions={sessions.map((s) => ({
          ...s,
          since: s.since.toISOString(),
          until: s.until.toISOString(),
          here: s.id === present?.session.id,
        }))}
        events={events.map((e) => ({ ...e, at: e.at.toISOString() }))}
      />
      <Messages />
    </>
  );
}
