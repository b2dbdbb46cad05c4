import { z } from 'zod';
import { readsHouse } from '@/data/actor';
import { db } from '@/data/db';
import { exportJobsOf } from '@/data/export-jobs';
import { inspectionHead } from '@/data/inspections';
import { anyone, bodyOf, notFound, problem, route } from '@/server/api';
import { startExport } from '@/server/export/jobs';

const schema = z.object({ what: z.enum(['pdf', 'zip', 'bundle', 'jobs']) });

/** The exports of an inspection and where they stand. */
export const GET = route<{ id: string }>(anyone, async ({ actor, params }) => {
  if (!(await inspectionHead(db(), actor, params.id))) return notFound();
  const jobs = await exportJobsOf(db(), actor, params.id);
  return Response.json(
    {
      ok: true,
      exports: jobs.map(({ id, what, state, done, total, bytes, message, createdAt }) => ({
        id,
        what,
        state,
        done,
        total,
        bytes,
        message,
        createdAt,
      })),
    },
    { headers: { 'cache-control': 'no-store' } },
  );
});

/** Starts one in the background. */
export const POST = route<{ id: string }>(readsHouse, async ({ actor, request, params }) => {
  if (!(await inspectionHead(db(), actor, params.id))) return notFound();
  const parsed = await bodyOf(request, schema, 'Say what: pdf, zip, bundle or jobs.', 1000);
  if (!parsed.ok) return parsed.response;
  const id = await startExport(db(), actor, params.id, parsed.data.what);
  return id
    ? Response.json({ ok: true, id })
    : problem(429, 'too-many-exports', 'As many exports are being made as may be at once. Wait until one is ready.');
});
