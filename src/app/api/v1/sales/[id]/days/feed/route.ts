import { z } from 'zod';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { setDaysFeed } from '@/data/sale-days';
import { bodyOf, notFound, route } from '@/server/api';
import { newToken } from '@/server/sealing';

const schema = z.strictObject({ open: z.literal(true) });

/** Opens a sale's days to people's calendars, under a new address that is told to nobody else. */
export const PUT = route<{ id: string }>(mayManage, async ({ actor, request, params }) => {
  const parsed = await bodyOf(request, schema, 'Say {open: true}: a feed is not opened by mistake.', 1000);
  if (!parsed.ok) return parsed.response;
  const token = newToken();
  return (await setDaysFeed(db(), actor, params.id, token)) ? Response.json({ ok: true, token }) : notFound();
});

/** Shuts it: calendars that read it are told nothing any more. */
export const DELETE = route<{ id: string }>(mayManage, async ({ actor, params }) =>
  (await setDaysFeed(db(), actor, params.id, null)) ? Response.json({ ok: true }) : notFound(),
);
