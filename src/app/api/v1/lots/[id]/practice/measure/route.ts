import { z } from 'zod';
import { zoneSchema } from '@/core/kinds/common';
import { mayEnter } from '@/data/actor';
import { db } from '@/data/db';
import { bodyOf, notFound, route } from '@/server/api';
import { carInHand, freshSeed, measureAt } from '@/server/practice';

const mm = z.number().min(-10_000).max(10_000);
const schema = z.strictObject({ zone: zoneSchema, uMm: mm, vMm: mm });

/** What the stand-in gauge shows at a place of the own practice car: the truth, with the gauge's noise and ceiling. */
export const POST = route<{ id: string }>(mayEnter, async ({ actor, request, params }) => {
  const parsed = await bodyOf(request, schema, 'A measurement has a zone and a place on it in mm.', 1000);
  if (!parsed.ok) return parsed.response;
  const car = await carInHand(db(), actor, params.id);
  const event = car && measureAt(car.truth, car.plan, parsed.data, freshSeed());
  return event ? Response.json({ event }) : notFound();
});
