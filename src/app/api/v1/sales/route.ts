import { saleFactsSchema } from '@/core/yard/sale-facts';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { addSale, salesOf } from '@/data/sales';
import { anyone, bodyOf, route } from '@/server/api';
import { SALE_EXPECTED, saleProblem } from '@/server/sale-problem';

/** The sales that one may see. */
export const GET = route(
  anyone,
  async ({ actor }) => Response.json({ sales: await salesOf(db(), actor) }),
  'light',
  'catalogue',
);

/** Opens a sale. */
export const POST = route(mayManage, async ({ actor, request }) => {
  const parsed = await bodyOf(request, saleFactsSchema, SALE_EXPECTED, 8000);
  if (!parsed.ok) return parsed.response;
  return (
    saleProblem(parsed.data) ??
    Response.json({ ok: true, id: await addSale(db(), actor, parsed.data) }, { status: 201 })
  );
});
