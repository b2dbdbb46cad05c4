import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { withdrawInvitation } from '@/data/invitations';
import { notFound, route } from '@/server/api';

/** Withdraws an invitation, or a link for a new password, that was not used yet. */
export const DELETE = route<{ id: string }>(mayManage, async ({ actor, params }) =>
  (await withdrawInvitation(db(), actor, params.id, new Date())) ? Response.json({ ok: true }) : notFound(),
);
