import { z } from 'zod';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { setSalePage } from '@/data/published';
import { bodyOf, notFound, route } from '@/server/api';
import { newToken } from '@/server/sealing';

const schema = z.strictObject({ open: z.literal(true) });

/** Gives a sale its page for bidders, under a new address. */
export const PUT = route<{ id: string }>(mayManage, async ({ actor, request, params }) => {
  const parsed = await bodyOf(request, schema, 'Say {open: true}: a page for bidders is not opened by mistake.', 1000);
  if (!parsed.ok) return parsed.response;
  const token = newToken();
  return (await setSalePage(db(), actor, params.id, token))
    ? Response.json({ ok: true, path: `/s/${token}` })
    : notFound();
});

/** Shuts it: its address opens nothing any more. Links of single lots stay as they are. */
export const DELETE = route<{ id: string }>(mayManage, async ({ actor, params }) =>
  (await setSalePage(db(), actor, params.id, null)) ? Response.json({ ok: true }) : notFound(),
);
