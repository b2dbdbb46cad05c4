import { z } from 'zod';
import { text } from '@/core/kinds/common';
import { db } from '@/data/db';
import { letGo, renamePerson } from '@/data/people';
import { anyone, bodyOf, problem, route } from '@/server/api';

const leaving = z.strictObject({ leave: z.literal(true) });
const schema = z.strictObject({ name: text(120).min(2) });

/** Changes one's own name from now on. */
export const PATCH = route(anyone, async ({ actor, request }) => {
  const parsed = await bodyOf(request, schema, 'A name has 2 to 120 letters. Nothing was changed.', 4000);
  if (!parsed.ok) return parsed.response;
  await renamePerson(db(), actor, actor.userId, parsed.data.name);
  return Response.json({ ok: true });
});

/** Leaves the house: the account opens nothing any more; what was entered keeps its name. */
export const DELETE = route(anyone, async ({ actor, request }) => {
  const parsed = await bodyOf(
    request,
    leaving,
    'Say {"leave": true}: it is not done by mistake. Nothing was changed.',
    1000,
  );
  if (!parsed.ok) return parsed.response;
  return (await letGo(db(), actor, actor.userId)) === 'last-manager'
    ? problem(409, 'last-manager', 'A house keeps a manager. Make somebody else one first; nothing was changed.')
    : Response.json({ ok: true });
});
