import { db } from '@/data/db';
import { inspectionHead } from '@/data/inspections';
import { logIsWhole, logOf } from '@/data/log';
import { anyone, notFound, route } from '@/server/api';

export const GET = route<{ id: string }>(anyone, async ({ actor, params }) => {
  if (!(await inspectionHead(db(), actor, params.id))) return notFound();
  return Response.json({ whole: await logIsWhole(db(), actor, params.id), lines: await logOf(db(), actor, params.id) });
});
