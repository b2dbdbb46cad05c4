import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { orgTables } from '@/data/org-tables';
import { jsonBody, problem, route } from '@/server/api';
import { NUMBERS_MOST_BYTES, numbersAsked } from '@/server/numbers-asked';
import { tryNumbers } from '@/server/try-numbers';

/** How the house's open lots would be graded by other numbers. Changes nothing. */
export const POST = route(mayManage, async ({ actor, request }) => {
  const body = await jsonBody(request, NUMBERS_MOST_BYTES);
  if (!body.ok) return body.response;
  const { tables } = await orgTables(db(), actor);
  const asked = numbersAsked(body.value, tables);
  if (!asked.ok) return problem(400, asked.code, asked.message);
  return Response.json({ lots: await tryNumbers(db(), actor, tables, asked.tables) });
});
