import { type SaleFacts, saleFactsSchema } from '@/core/yard/sale-facts';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { changeSale } from '@/data/sales';
import { bodyOf, notFound, route } from '@/server/api';
import { SALE_EXPECTED, saleProblem } from '@/server/sale-problem';

const schema = saleFactsSchema.partial().refine((given) => Object.keys(given).length > 0);

/** Changes what is named of a sale; days that follow its opening move along. */
export const PATCH = route<{ id: string }>(mayManage, async ({ actor, request, params }) => {
  const parsed = await bodyOf(request, schema, SALE_EXPECTED, 8000);
  if (!parsed.ok) return parsed.response;
  const done = await changeSale(db(), actor, params.id, parsed.data as Partial<SaleFacts>, saleProblem);
  if (!done) return notFound();
  return done.ok ? Response.json({ ok: true }) : done.fault;
});
