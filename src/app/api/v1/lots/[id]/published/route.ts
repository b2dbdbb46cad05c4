import { mayPublish } from '@/data/actor';
import { db } from '@/data/db';
import { currentInspection } from '@/data/inspections';
import { unpublishLot } from '@/data/published';
import { notFound, problem, route } from '@/server/api';
import { publish } from '@/server/publishing';

/** Puts a lot's sealed report on its sale's page. */
export const PUT = route<{ id: string }>(mayPublish, async ({ actor, params }) => {
  if (!(await currentInspection(db(), actor, params.id))) return notFound();
  return (await publish(actor, params.id))
    ? Response.json({ ok: true })
    : problem(409, 'not-sealed', 'Only what is sealed is published. Seal the report first.');
});

/** Takes it off, and withdraws the link that it had there. */
export const DELETE = route<{ id: string }>(mayPublish, async ({ actor, params }) =>
  (await unpublishLot(db(), actor, params.id, new Date())) ? Response.json({ ok: true }) : notFound(),
);
