import { z } from 'zod';
import { uuidSchema } from '@/core/kinds/common';
import { db } from '@/data/db';
import { inspectionHead } from '@/data/inspections';
import { logOf, logVerdict } from '@/data/log';
import { anyone, notFound, problem, route, tooMany } from '@/server/api';
import { limiter } from '@/server/rate-limit';

const query = z.object({
  after: z.coerce.number().int().nonnegative().max(Number.MAX_SAFE_INTEGER).default(0),
  record: uuidSchema.nullable().default(null),
  limit: z.coerce.number().int().min(1).max(1000).default(1000),
});

/**
 * Taken changes after a number, of the whole inspection or one record; with `?check` also whether the chain is whole (lines
 * that an earlier check found whole are passed over; `?check=full` hashes all).
 */
export const GET = route<{ id: string }>(anyone, async ({ actor, request, params }) => {
  const asked = new URL(request.url).searchParams;
  const parsed = query.safeParse(Object.fromEntries(asked));
  if (!parsed.success) return problem(400, 'malformed', 'Ask with after, record or limit.');
  const wait = asked.has('check') ? limiter().take('heavy', actor.userId, Date.now()) : 0;
  if (wait > 0) return tooMany(wait);
  const head = await inspectionHead(db(), actor, params.id);
  if (!head) return notFound();
  // The history of one record goes back through the revisions; what is news does not.
  const lines = await logOf(db(), actor, params.id, { ...parsed.data, history: parsed.data.record !== null });
  const verdict = asked.has('check')
    ? await logVerdict(db(), actor, params.id, { fromMark: asked.get('check') !== 'full' })
    : undefined;
  return Response.json(
    {
      state: head.state,
      changes: head.changeCount,
      ...(verdict && {
        whole: verdict.whole,
        cause: verdict.cause,
        checked: verdict.lines,
        repaired: verdict.repaired,
        erased: verdict.erased,
      }),
      lines,
    },
    { headers: { 'cache-control': 'no-store' } },
  );
});
