import { z } from 'zod';
import { text } from '@/core/kinds/common';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { renamePerson } from '@/data/people';
import { bodyOf, notFound, route } from '@/server/api';

const schema = z.strictObject({ name: text(120).min(2) });

/** Changes a person's name; log lines and seals of before keep the one they had. */
export const PATCH = route<{ person: string }>(mayManage, async ({ actor, request, params }) => {
  const parsed = await bodyOf(request, schema, 'A name has 2 to 120 letters. Nothing was changed.', 4000);
  if (!parsed.ok) return parsed.response;
  return (await renamePerson(db(), actor, params.person, parsed.data.name)) ? Response.json({ ok: true }) : notFound();
});
