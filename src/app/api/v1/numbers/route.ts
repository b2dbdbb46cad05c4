import type { Tables } from '@/core/grade/all-tables';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { keepTables, orgTables } from '@/data/org-tables';
import { anyone, jsonBody, problem, route } from '@/server/api';
import { NUMBERS_MOST_BYTES, numbersAsked } from '@/server/numbers-asked';

const told = ({ grade, work, yardstick }: Tables) => ({ grade, work, yardstick });

/** The numbers that this organisation grades by. */
export const GET = route(anyone, async ({ actor }) => Response.json(told((await orgTables(db(), actor)).tables)));

/** Replaces them, with the yardstick that was measured with them. Sealed reports keep theirs. */
export const PUT = route(mayManage, async ({ actor, request }) => {
  const body = await jsonBody(request, NUMBERS_MOST_BYTES);
  if (!body.ok) return body.response;
  const asked = numbersAsked(body.value, (await orgTables(db(), actor)).tables);
  if (!asked.ok) return problem(400, asked.code, asked.message);
  await keepTables(db(), actor, told(asked.tables));
  return Response.json({ ok: true, ...told(asked.tables) });
});

/** Goes back to the shipped ones. */
export const DELETE = route(mayManage, async ({ actor }) => {
  await keepTables(db(), actor, { grade: null, work: null, yardstick: null });
  return Response.json({ ok: true, ...told((await orgTables(db(), actor)).tables) });
});
