import { daysPlanSchema } from '@/core/days/days-plan';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { keepDaysPlan } from '@/data/sale-days';
import { bodyOf, notFound, route } from '@/server/api';

const EXPECTED =
  'A plan has a first day, days, hours, a working order, inspectors, and visits by lot, inspector and day.';

/** Keeps who visits which lots on which days. */
export const PUT = route<{ id: string }>(mayManage, async ({ actor, request, params }) => {
  const parsed = await bodyOf(request, daysPlanSchema, EXPECTED, 400_000);
  if (!parsed.ok) return parsed.response;
  return (await keepDaysPlan(db(), actor, params.id, parsed.data)) ? Response.json({ ok: true }) : notFound();
});
