import { z } from 'zod';
import { text } from '@/core/records/kinds/common';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { renamePerson } from '@/data/people';
import { jsonBody, notFound, problem, route } from '@/server/api';

const schema = z.strictObject({ name: text(120).min(2) });

/** Changes a person's name; log lines and seals of before keep the one they had. */
export const PATCH = route<{ person: string }>(mayManage, async ({ actor, request, params }) => {
  const body = await jsonBody(request, 4000);
  if (!body.ok) return body.response;
  const parsed = schema.safeParse(body.value);
  if (!parsed.success) return problem(400, 'malformed', 'A name has 2 to 120 letters. Nothing was changed.');
  return (await renamePerson(db(), actor, params.person, parsed.data.name)) ? Response.json({ ok: true }) : notFound();
});
