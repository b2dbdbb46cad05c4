import { z } from 'zod';
import { text } from '@/core/kinds/common';
import { mayEnter } from '@/data/actor';
import { db } from '@/data/db';
import { inspectionHead } from '@/data/inspections';
import { giveUpRevision, startRevision } from '@/data/revisions';
import { bodyOf, notFound, problem, route } from '@/server/api';

const SMALL_BYTES = 4000;
const bodySchema = z.object({ reason: text(500).min(3) });

/** Begins the next revision of a sealed report, for a reason that its readers will see. */
export const POST = route<{ id: string }>(mayEnter, async ({ actor, request, params }) => {
  const given = await bodyOf(
    request,
    bodySchema,
    'Say why the report is corrected, in 3 to 500 letters. Nothing was changed.',
    SMALL_BYTES,
  );
  if (!given.ok) return given.response;
  if (!(await inspectionHead(db(), actor, params.id))) return notFound();
  const id = await startRevision(db(), actor, params.id, given.data.reason);
  return id
    ? Response.json({ ok: true, inspectionId: id })
    : problem(409, 'not-sealed', 'Only the newest sealed report can be corrected by a new revision.');
});

/** Gives up a revision that is not sealed; the report before it stands again. */
export const DELETE = route<{ id: string }>(mayEnter, async ({ actor, params }) => {
  if (!(await inspectionHead(db(), actor, params.id))) return notFound();
  return (await giveUpRevision(db(), actor, params.id))
    ? Response.json({ ok: true })
    : problem(409, 'not-open', 'Only a revision that is not sealed can be given up.');
});
