import { z } from 'zod';
import { uuidSchema } from '@/core/kinds/common';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { rotateSealKey } from '@/data/seal-keys';
import { bodyOf, problem, route } from '@/server/api';
import { keysOf } from '@/server/published-keys';

/** The key that gives way is named: asked twice, one new key is made. */
const schema = z.strictObject({ present: uuidSchema });

/** The house's published keys. */
export const GET = route(mayManage, async ({ actor }) => Response.json(await keysOf(actor.orgId)));
/** A new key seals from now on; the one before is closed and stays good for what it sealed. */
export const POST = route(mayManage, async ({ actor, request }) => {
  const parsed = await bodyOf(request, schema, 'Give {"present": the id of the present key}.', 1000);
  if (!parsed.ok) return parsed.response;
  const id = await rotateSealKey(db(), actor, parsed.data.present, new Date());
  return id
    ? Response.json({ ok: true, id })
    : problem(409, 'changed-meanwhile', 'Another key seals already. Look again.');
});
