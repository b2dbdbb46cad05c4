import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { revokeToken } from '@/data/tokens';
import { notFound, route } from '@/server/api';

/** Lets a program read no more, at once. */
export const DELETE = route<{ id: string }>(mayManage, async ({ actor, params }) =>
  (await revokeToken(db(), actor, params.id, new Date())) ? Response.json({ ok: true }) : notFound(),
);
