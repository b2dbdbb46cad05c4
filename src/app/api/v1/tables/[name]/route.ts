import { tableCsv } from '@/core/csv/table-file';
import { DEFAULT_TABLES } from '@/core/grade/all-tables';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { keepTables, orgTables } from '@/data/org-tables';
import { anyone, jsonBody, notFound, problem, route } from '@/server/api';
import { isTableName, TABLE_MOST_BYTES, tableAsked } from '@/server/table-asked';

/** One table as the house judges by it, as JSON, or with `?format=csv` a line a number with what ships beside it. */
export const GET = route<{ name: string }>(anyone, async ({ actor, request, params: { name } }) => {
  if (!isTableName(name)) return notFound();
  const format = new URL(request.url).searchParams.get('format') ?? 'json';
  const value = (await orgTables(db(), actor)).tables[name];
  const file = { 'content-disposition': `attachment; filename="farvin-${name}.${format}"` };
  if (format === 'csv')
    return new Response(tableCsv(value, DEFAULT_TABLES[name]), {
      headers: { ...file, 'content-type': 'text/csv; charset=utf-8' },
    });
  if (format !== 'json') return problem(400, 'malformed', 'The format is csv or json.');
  return new Response(`${JSON.stringify(value, null, 2)}\n`, {
    headers: { ...file, 'content-type': 'application/json' },
  });
});

/** Replaces it. Sealed reports keep theirs. */
export const PUT = route<{ name: string }>(mayManage, async ({ actor, request, params: { name } }) => {
  if (!isTableName(name)) return notFound();
  const body = await jsonBody(request, TABLE_MOST_BYTES);
  if (!body.ok) return body.response;
  const asked = tableAsked(name, body.value, (await orgTables(db(), actor)).tables);
  if (!asked.ok) return problem(400, asked.reason, asked.message);
  await keepTables(db(), actor, asked.changed);
  return Response.json({ ok: true });
});
