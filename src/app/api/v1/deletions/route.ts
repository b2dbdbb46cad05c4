import { z } from 'zod';
import { text } from '@/core/kinds/common';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { askDeletion, deletionsOf } from '@/data/deletions';
import { ERASABLE } from '@/data/tables/house';
import { bodyOf, notFound, route } from '@/server/api';

const schema = z.strictObject({
  what: z.enum(ERASABLE),
  target: z.string().min(1).max(64),
  why: text(300).min(3),
});

/** What is to be erased, and when. */
export const GET = route(mayManage, async ({ actor }) => Response.json({ deletions: await deletionsOf(db(), actor) }));

/** Asks that a lot, a sale or a person's data be erased after the days of grace; its links open nothing from now on. */
export const POST = route(mayManage, async ({ actor, request }) => {
  const parsed = await bodyOf(request, schema, `Say what (${ERASABLE.join(', ')}), target (its id) and why.`, 4000);
  if (!parsed.ok) return parsed.response;
  const { what, target } = parsed.data;
  if (what !== 'person' && !z.uuid().safeParse(target).success) return notFound();
  const asked = await askDeletion(db(), actor, parsed.data, new Date());
  return asked ? Response.json({ ok: true, ...asked }, { status: 202 }) : notFound();
});
