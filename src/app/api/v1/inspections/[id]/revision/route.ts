import { mayWrite } from '@/data/actor';
import { db } from '@/data/db';
import { inspectionHead } from '@/data/inspections';
import { startRevision } from '@/data/seals';
import { notFound, problem, route } from '@/server/api';

export const POST = route<{ id: string }>(mayWrite, async ({ actor, params }) => {
  if (!(await inspectionHead(db(), actor, params.id))) return notFound();
  const id = await startRevision(db(), actor, params.id);
  return id
    ? Response.json({ ok: true, inspectionId: id })
    : problem(409, 'not-sealed', 'Only the newest sealed report can be corrected by a new revision.');
});
