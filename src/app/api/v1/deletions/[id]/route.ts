import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { callOff } from '@/data/deletions';
import { notFound, route } from '@/server/api';

/** Calls an erasing off while its days of grace last. */
export const DELETE = route<{ id: string }>(mayManage, async ({ actor, params }) =>
  (await callOff(db(), actor, params.id, new Date())) ? Response.json({ ok: true }) : notFound(),
);
