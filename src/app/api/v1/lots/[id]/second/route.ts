import { z } from 'zod';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { bodyOf, problem, route } from '@/server/api';
import { beginSecond } from '@/server/practice';

const schema = z.strictObject({ person: z.string().min(1).max(100) });

/** Has somebody look at a lot a second time, without seeing what is on record until the second look is closed. */
export const POST = route<{ id: string }>(
  mayManage,
  async ({ actor, request, params }) => {
    const parsed = await bodyOf(request, schema, 'A second look names the person who takes it.', 1000);
    if (!parsed.ok) return parsed.response;
    const lotId = await beginSecond(db(), actor, params.id, parsed.data.person, new Date());
    return lotId
      ? Response.json({ ok: true, lotId })
      : problem(
          409,
          'no-second',
          'A second look needs a lot of which is said what car it is, and an inspector who is not at it already.',
        );
  },
  'heavy',
);
