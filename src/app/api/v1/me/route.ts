import { z } from 'zod';
import { text } from '@/core/kinds/common';
import { db } from '@/data/db';
import { renameSelf } from '@/data/people';
import { anyone, bodyOf, route } from '@/server/api';

const schema = z.strictObject({ name: text(120).min(2) });

/** Changes one's own name from now on. */
export const PATCH = route(anyone, async ({ actor, request }) => {
  const parsed = await bodyOf(request, schema, 'A name has 2 to 120 letters. Nothing was changed.', 4000);
  if (!parsed.ok) return parsed.response;
  await renameSelf(db(), actor, parsed.data.name);
  return Response.json({ ok: true });
});
