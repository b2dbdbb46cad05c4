import type { Metadata } from 'next';
import { headers } from 'next/headers';
import { db } from '@/data/db';
import { invitationBehind } from '@/data/invitations';
import { Join } from '@/screens/way-in/join';
import { JoinNothing } from '@/screens/way-in/join-nothing';
import { strangerMust } from '@/server/public-report';
import { isToken, tokenHash } from '@/server/sealing';

export const metadata: Metadata = { title: 'Invitation', robots: { index: false, follow: false } };
export const dynamic = 'force-dynamic';

/** What a link that lets somebody in opens: a name, an address and a password. */
export default async function JoinPage({ params }: { params: Promise<{ token: string }> }) {
  const { token } = await params;
  if (!isToken(token) || (await strangerMust(await headers(), ''))) return <JoinNothing standing={null} />;
  const behind = await invitationBehind(db(), tokenHash(token));
  if (behind?.standing !== 'open') return <JoinNothing standing={behind?.standing ?? null} />;
  const { house, purpose, role, name, email } = behind;
  return <Join token={token} invitation={{ house, purpose, role, name, email }} />;
}
