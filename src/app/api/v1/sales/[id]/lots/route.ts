import { z } from 'zod';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { addLot, salesOf } from '@/data/lots';
import { jsonBody, notFound, problem, route } from '@/server/api';

const schema = z.object({
  number: z.number().int().min(1).max(1_000_000),
  title: z.string().trim().min(1).max(200),
  reportDueOn: z.iso.date().nullable().default(null),
});

export const POST = route<{ id: string }>(mayManage, async ({ actor, request, params }) => {
  if (!(await salesOf(db(), actor)).some((s) => s.id === params.id)) return notFound();
  const body = await jsonBody(request, 4000);
  if (!body.ok) return body.response;
  const parsed = schema.safeParse(body.value);
  if (!parsed.success)
    return problem(
      400,
      'malformed',
      'A lot has a number from 1, a title and, if it is known, the day its report is due.',
    );
  const added = await addLot(db(), actor, params.id, parsed.data);
  return added
    ? Response.json({ ok: true, ...added })
    : problem(409, 'number-taken', `This sale already has a lot ${parsed.data.number}.`);
});
