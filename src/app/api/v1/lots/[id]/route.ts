import { z } from 'zod';
import { text, uuidSchema } from '@/core/kinds/common';
import { lotFactsSchema, lotNumberSchema } from '@/core/yard/lot-facts';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { changeLot, type LotChange, type LotRefusal, lotRow } from '@/data/lot-change';
import { anyone, bodyOf, notFound, problem, route } from '@/server/api';

const schema = z
  .strictObject({
    ...lotFactsSchema.shape,
    number: lotNumberSchema,
    saleId: uuidSchema,
    consignorId: z.string().max(64).nullable(),
    withdrawn: text(300).min(3).nullable(),
  })
  .partial()
  .refine((given) => Object.keys(given).length > 0);

const REFUSED: Readonly<Record<Exclude<LotRefusal, 'nothing-there'>, string>> = {
  'number-taken': 'Another lot of that sale has this number. Nothing was changed.',
  'sale-closed': 'That sale takes no lots; open it again first. Nothing was changed.',
  'no-such-consignor': 'Nobody of your house with this account is a consignor. Nothing was changed.',
};

/** What is said of a lot besides what was seen. */
export const GET = route<{ id: string }>(
  anyone,
  async ({ actor, params }) => {
    const row = await lotRow(db(), actor, params.id);
    return row ? Response.json({ lot: row }) : notFound();
  },
  'light',
  'catalogue',
);

/** Changes what is said of a lot, moves, renumbers, withdraws it or takes it back. */
export const PATCH = route<{ id: string }>(mayManage, async ({ actor, request, params }) => {
  const parsed = await bodyOf(
    request,
    schema,
    'Give what changes: title, reportDueOn, reserveDays, consignor, keysWith, stands, comesWith, number, saleId, consignorId, withdrawn (why, or null). Nothing was changed.',
    8000,
  );
  if (!parsed.ok) return parsed.response;
  const done = await changeLot(db(), actor, params.id, parsed.data as LotChange, new Date());
  if (done === 'nothing-there') return notFound();
  return done === 'done' ? Response.json({ ok: true }) : problem(409, done, REFUSED[done]);
});
