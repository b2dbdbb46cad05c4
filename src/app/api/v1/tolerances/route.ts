import { tolerancesSchema } from '@/core/fit/tolerances';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { keepTables, orgTables } from '@/data/org-tables';
import { anyone, jsonBody, problem, route } from '@/server/api';

/** The nominal gaps and tolerances that this organisation judges by. */
export const GET = route(anyone, async ({ actor }) =>
  Response.json({ tolerances: (await orgTables(db(), actor)).tables.tolerances }),
);

/** Replaces them. Sealed reports keep theirs. */
export const PUT = route(mayManage, async ({ actor, request }) => {
  const body = await jsonBody(request, 200_000);
  if (!body.ok) return body.response;
  const parsed = tolerancesSchema.safeParse(body.value);
  if (!parsed.success) {
    const { path, message } = parsed.error.issues[0]!;
    const where = typeof path[0] === 'number' ? `Row ${path[0] + 1}${path[1] ? `, ${String(path[1])}` : ''}: ` : '';
    return problem(400, 'malformed', `${where}${message}. Nothing was changed.`);
  }
  await keepTables(db(), actor, { tolerances: parsed.data });
  return Response.json({ ok: true, tolerances: parsed.data });
});

/** Goes back to the shipped ones. */
export const DELETE = route(mayManage, async ({ actor }) => {
  await keepTables(db(), actor, { tolerances: null });
  return Response.json({ ok: true, tolerances: (await orgTables(db(), actor)).tables.tolerances });
});
