import { z } from 'zod';
import { COURSE } from '@/core/practice/course';
import { mayEnter } from '@/data/actor';
import { db } from '@/data/db';
import { bodyOf, problem, route } from '@/server/api';
import { beginCar, freshSeed } from '@/server/practice';

const schema = z.strictObject({ car: z.number().int().min(1).max(COURSE.length) });

/** Begins a practice car of the course: another car of its kind each time. */
export const POST = route(
  mayEnter,
  async ({ actor, request }) => {
    const parsed = await bodyOf(request, schema, `The course has cars 1 to ${COURSE.length}.`, 1000);
    if (!parsed.ok) return parsed.response;
    const lotId = await beginCar(db(), actor, parsed.data.car, freshSeed(), new Date());
    return lotId ? Response.json({ ok: true, lotId }) : problem(409, 'no-practice', 'No car could be made. Try again.');
  },
  'heavy',
);
