import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { orgTables } from '@/data/org-tables';
import { route } from '@/server/api';
import { numbersAsked } from '@/server/numbers-body';
import { tryNumbers } from '@/server/try-numbers';

/** How the house's open lots would be graded by other numbers. Changes nothing. */
export const POST = route(mayManage, async ({ actor, request }) => {
  const { tables } = await orgTables(db(), actor);
  const asked = await numbersAsked(request, tables);
  if (!asked.ok) return asked.response;
  return Response.json({ lots: await tryNumbers(db(), actor, tables, asked.tables) });
});
