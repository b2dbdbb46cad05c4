import { db } from '@/data/db';
import { noteSignIn, revokeSession } from '@/data/sign-in-events';
import { anyone, notFound, route } from '@/server/api';
import { addressOf } from '@/server/rate-limit';

/** Ends a session; whoever holds it is signed out at the next request, and keeps what was entered on the device. */
export const DELETE = route<{ session: string }>(anyone, async ({ actor, request, params }) => {
  const at = new Date();
  const ended = await revokeSession(db(), actor, params.session.slice(0, 100), at);
  if (!ended) return notFound();
  await noteSignIn(db(), {
    at,
    orgId: actor.orgId,
    userId: ended.userId,
    what: 'revoked',
    address: addressOf(request.headers),
    agent: `by ${actor.name}`,
  });
  return Response.json({ ok: true });
});
