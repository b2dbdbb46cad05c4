import { z } from 'zod';
import { SALE_STATES } from '@/core/yard/sale-facts';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { setSaleState } from '@/data/sales';
import { bodyOf, notFound, route } from '@/server/api';

const schema = z.strictObject({ state: z.enum(SALE_STATES) });

/** Closes a sale, puts it into the archive, or opens it again. */
export const POST = route<{ id: string }>(mayManage, async ({ actor, request, params }) => {
  const parsed = await bodyOf(request, schema, `The state is ${SALE_STATES.join(', ')}.`, 1000);
  if (!parsed.ok) return parsed.response;
  return (await setSaleState(db(), actor, params.id, parsed.data.state)) ? Response.json({ ok: true }) : notFound();
});
