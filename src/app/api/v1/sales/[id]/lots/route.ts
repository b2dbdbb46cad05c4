import { z } from 'zod';
import { lotFactsSchema, lotNumberSchema } from '@/core/yard/lot-facts';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { addLot } from '@/data/lots';
import { salesOf } from '@/data/sales';
import { isYardPlace, yardPage } from '@/data/yard';
import { anyone, bodyOf, notFound, problem, route } from '@/server/api';

const schema = z.strictObject({
  ...lotFactsSchema.partial().shape,
  number: lotNumberSchema,
  title: lotFactsSchema.shape.title,
});

const PAGE = 200;

/** One page of a sale's lots by number; `?after=` takes the `next` of the page before. */
export const GET = route<{ id: string }>(
  anyone,
  async ({ actor, request, params }) => {
    const after = new URL(request.url).searchParams.get('after');
    if (after !== null && !isYardPlace('number', after))
      return problem(400, 'malformed', 'after is the next of the page before.');
    const { rows, next } = await yardPage(db(), actor, params.id, { after, limit: PAGE });
    const lots = rows.map(({ id, number, title, reportDueOn, inspectionId, revision, state }) => ({
      id,
      number,
      title,
      reportDueOn,
      inspectionId,
      revision,
      state,
    }));
    return Response.json({ lots, next });
  },
  'light',
  'catalogue',
);

export const POST = route<{ id: string }>(mayManage, async ({ actor, request, params }) => {
  const sale = (await salesOf(db(), actor)).find((s) => s.id === params.id);
  if (!sale) return notFound();
  if (sale.state !== 'open') return problem(409, 'sale-closed', 'This sale is closed. Open it again to add lots.');
  const parsed = await bodyOf(
    request,
    schema,
    'A lot has a number from 1 and a title; if they are known, reportDueOn or reserveDays, consignor, keysWith, stands, comesWith.',
    4000,
  );
  if (!parsed.ok) return parsed.response;
  const added = await addLot(db(), actor, params.id, parsed.data);
  return added
    ? Response.json({ ok: true, ...added })
    : problem(409, 'number-taken', `This sale already has a lot ${parsed.data.number}.`);
});
