import { z } from 'zod';
import { mayEnter } from '@/data/actor';
import { db } from '@/data/db';
import { inspectionHead } from '@/data/inspections';
import { setState } from '@/data/revisions';
import { bodyOf, notFound, problem, route } from '@/server/api';

const schema = z.object({ state: z.enum(['draft', 'reviewed']) });

export const POST = route<{ id: string }>(mayEnter, async ({ actor, request, params }) => {
  if (!(await inspectionHead(db(), actor, params.id))) return notFound();
  const parsed = await bodyOf(request, schema, 'The state is draft or reviewed.', 1000);
  if (!parsed.ok) return parsed.response;
  const done = await setState(db(), actor, params.id, parsed.data.state);
  return done ? Response.json({ ok: true }) : problem(409, 'sealed', 'This report is sealed.');
});
