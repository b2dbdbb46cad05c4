import { z } from 'zod';
import { mayPublish } from '@/data/actor';
import { db } from '@/data/db';
import { currentInspection } from '@/data/inspections';
import { unpublishLot } from '@/data/published';
import { bodyOf, notFound, problem, route } from '@/server/api';
import { publish } from '@/server/publishing';

const schema = z.strictObject({ opensAt: z.iso.datetime({ offset: true }).nullable().default(null) });

/** Puts a lot's sealed report on its sale's page. */
export const PUT = route<{ id: string }>(mayPublish, async ({ actor, request, params }) => {
  if (!(await currentInspection(db(), actor, params.id))) return notFound();
  const parsed = await bodyOf(request, schema, 'Give {opensAt}: from when bidders see it, or null for at once.', 1000);
  if (!parsed.ok) return parsed.response;
  const { opensAt } = parsed.data;
  return (await publish(actor, params.id, opensAt === null ? null : new Date(opensAt)))
    ? Response.json({ ok: true })
    : problem(409, 'not-sealed', 'Only what is sealed is published. Seal the report first.');
});

/** Takes it off, and withdraws the link that it had there. */
export const DELETE = route<{ id: string }>(mayPublish, async ({ actor, params }) =>
  (await unpublishLot(db(), actor, params.id, new Date())) ? Response.json({ ok: true }) : notFound(),
);
