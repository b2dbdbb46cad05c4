import { readsHouse } from '@/data/actor';
import { db } from '@/data/db';
import { exportJobOf } from '@/data/export-jobs';
import { inspectionHead } from '@/data/inspections';
import { anyone, notFound, problem, route } from '@/server/api';
import { exportAnswer } from '@/server/export/export-answer';
import { dropExport } from '@/server/export/jobs';
import { withStore } from '@/server/photo-problems';

/** The finished file. */
export const GET = route<{ id: string }>(anyone, async ({ actor, params }) => {
  const job = await exportJobOf(db(), actor, params.id);
  const head = job ? await inspectionHead(db(), actor, job.inspectionId) : null;
  if (!job || !head) return notFound();
  if (job.state !== 'ready') return problem(409, 'not-ready', 'It is not ready yet.');
  return withStore(
    async () =>
      (await exportAnswer(job, head.lot.number, head.revision)) ??
      problem(404, 'not-in-store', 'The file is not in the store any more. Make it again.'),
  );
});

/** Stops it, or takes the finished file away. */
export const DELETE = route<{ id: string }>(readsHouse, async ({ actor, params }) =>
  (await dropExport(db(), actor, params.id)) ? Response.json({ ok: true }) : notFound(),
);
