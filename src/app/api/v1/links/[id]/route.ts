import { mayPublish } from '@/data/actor';
import { db } from '@/data/db';
import { withdrawLink } from '@/data/links';
import { notFound, route } from '@/server/api';

export const DELETE = route<{ id: string }>(mayPublish, async ({ actor, params }) =>
  (await withdrawLink(db(), actor, params.id, new Date())) ? Response.json({ ok: true }) : notFound(),
);
