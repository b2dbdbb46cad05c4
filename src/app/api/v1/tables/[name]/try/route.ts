import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { orgTables } from '@/data/org-tables';
import { jsonBody, notFound, problem, route } from '@/server/api';
import { isTableName, TABLE_MOST_BYTES, tableAsked } from '@/server/table-asked';
import { tryNumbers } from '@/server/try-numbers';

/** How the house's open lots would be graded by another table. Changes nothing. */
export const POST = route<{ name: string }>(
  mayManage,
  async ({ actor, request, params: { name } }) => {
    if (!isTableName(name)) return notFound();
    const body = await jsonBody(request, TABLE_MOST_BYTES);
    if (!body.ok) return body.response;
    const { tables } = await orgTables(db(), actor);
    const asked = tableAsked(name, body.value, tables);
    if (!asked.ok) return problem(400, asked.reason, asked.message);
    return Response.json({ lots: await tryNumbers(db(), actor, tables, asked.tables) });
  },
  'heavy',
);
