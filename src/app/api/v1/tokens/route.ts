import { z } from 'zod';
import { text } from '@/core/kinds/common';
import { LONGEST_TOKEN_DAYS, SCOPES } from '@/core/people/scopes';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { addToken, tokensOf } from '@/data/tokens';
import { bodyOf, route } from '@/server/api';
import { newToken, tokenHash } from '@/server/sealing';

const schema = z.strictObject({
  name: text(120).min(2),
  scopes: z.array(z.enum(SCOPES)).min(1).max(SCOPES.length),
  days: z.number().int().min(1).max(LONGEST_TOKEN_DAYS),
});

/** The programs that may read in the house's name. */
export const GET = route(mayManage, async ({ actor }) => Response.json({ tokens: await tokensOf(db(), actor) }));

/** Lets a program read: its token is in this answer and nowhere else. */
export const POST = route(mayManage, async ({ actor, request }) => {
  const expected = `Give a name, scopes (${SCOPES.join(', ')}) and for how many days, at most ${LONGEST_TOKEN_DAYS}.`;
  const parsed = await bodyOf(request, schema, expected, 4000);
  if (!parsed.ok) return parsed.response;
  const token = newToken();
  const id = await addToken(db(), actor, { ...parsed.data, tokenHash: tokenHash(token) }, new Date());
  return Response.json({ ok: true, id, token }, { status: 201 });
});
