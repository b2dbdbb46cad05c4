import { mayManage } from '@/data/actor';
import { hearAlarm } from '@/data/alarms';
import { db } from '@/data/db';
import { notFound, route } from '@/server/api';

/** A manager has taken note of an alarm: it is not told again to that manager. */
export const DELETE = route<{ id: string }>(mayManage, async ({ actor, params }) =>
  (await hearAlarm(db(), actor, params.id, new Date())) ? Response.json({ ok: true }) : notFound(),
);
