import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { rotateSealKey } from '@/data/seal-keys';
import { route } from '@/server/api';
import { keysOf } from '@/server/published-keys';

/** The house's published keys. */
export const GET = route(mayManage, async ({ actor }) => Response.json(await keysOf(actor.orgId)));
/** A new key seals from now on; the one before is closed and stays good for what it sealed. */
export const POST = route(mayManage, async ({ actor }) =>
  Response.json({ ok: true, id: await rotateSealKey(db(), actor, new Date()) }),
);
