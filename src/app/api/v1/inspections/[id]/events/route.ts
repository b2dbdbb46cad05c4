import { z } from 'zod';
import { db } from '@/data/db';
import { inspectionHead } from '@/data/inspections';
import { anyone, notFound, problem, route } from '@/server/api';
import { eventStream } from '@/server/event-stream';
import { live } from '@/server/live';
import { quotas } from '@/server/quotas';
import { openStreams, sseResponse } from '@/server/sse';

const sequence = z.coerce.number().int().nonnegative().catch(0);

/**
 * Changes of an inspection as server-sent events, from `?after=` or the Last-Event-ID on; each event's id is the log's
 * number. `state` tells that the inspection was reviewed or sealed.
 */
export const GET = route<{ id: string }>(anyone, async ({ actor, session, request, params }) => {
  const head = await inspectionHead(db(), actor, params.id);
  if (!head) return notFound();
  if (openStreams(actor.userId) >= quotas().streamsPerAccount)
    return problem(
      429,
      'too-many-streams',
      'Live changes are followed in as many pages as one account may. Close one; this page catches up when it is loaded.',
    );
  const after = sequence.parse(
    request.headers.get('last-event-id') ?? new URL(request.url).searchParams.get('after') ?? 0,
  );
  return sseResponse(
    eventStream({ tells: 'changes', db: db(), live: live(), actor, session, head, after, signal: request.signal }),
  );
});
