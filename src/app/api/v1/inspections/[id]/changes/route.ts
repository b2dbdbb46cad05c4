import { CHANGES_PER_CALL, changeBatchSchema } from '@/core/records/change';
import { mayClaim } from '@/data/actor';
import { db } from '@/data/db';
import { takeChanges } from '@/data/gateway';
import { jsonBody, notFound, problem, route } from '@/server/api';
import { summariseLater } from '@/server/summary-later';

/** Far more than a request takes on its way. */
const LONGEST_DRIFT_S = 100_000_000;

/** How far the device's clock is ahead of ours, s; null where it does not say. */
function clockAheadS(sentAt: string | undefined, now: Date): number | null {
  if (sentAt === undefined) return null;
  const ahead = Math.round((Date.parse(sentAt) - now.getTime()) / 1000);
  return Math.max(-LONGEST_DRIFT_S, Math.min(LONGEST_DRIFT_S, ahead));
}

export const POST = route<{ id: string }>(mayClaim, async ({ actor, request, params }) => {
  const body = await jsonBody(request);
  if (!body.ok) return body.response;
  const batch = changeBatchSchema.safeParse(body.value);
  if (!batch.success) {
    const many = batch.error.issues.some((i) => i.code === 'too_big');
    return problem(
      400,
      many ? 'too-many' : 'malformed',
      many
        ? `At most ${CHANGES_PER_CALL} changes at once. Nothing was changed.`
        : 'Expected {"changes": [...]} with one change or more. Nothing was changed.',
    );
  }
  if (batch.data.by !== undefined && batch.data.by !== actor.userId)
    return problem(
      409,
      'other-person',
      'These entries are another person’s. They are kept on the device until that person signs in. Nothing was changed.',
    );
  const now = new Date();
  const results = await takeChanges(db(), actor, params.id, batch.data.changes, now, {
    clockAheadS: clockAheadS(batch.data.sentAt, now),
  });
  if (results?.some((r) => r.status === 'applied')) summariseLater(db(), actor, params.id);
  return results ? Response.json({ results }) : notFound();
});
