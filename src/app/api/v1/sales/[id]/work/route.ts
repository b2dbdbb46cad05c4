import { workPlanSchema } from '@/core/cost/work-plan';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { keepWorkPlan } from '@/data/sale-work';
import { bodyOf, notFound, route } from '@/server/api';

const EXPECTED = 'A plan has a budget, days, and shops by trade with hours a day and days until they can begin.';

/** Keeps what the house would spend on a sale's lots together. */
export const PUT = route<{ id: string }>(mayManage, async ({ actor, request, params }) => {
  const parsed = await bodyOf(request, workPlanSchema, EXPECTED, 4000);
  if (!parsed.ok) return parsed.response;
  return (await keepWorkPlan(db(), actor, params.id, parsed.data)) ? Response.json({ ok: true }) : notFound();
});
