import { z } from 'zod';
import { text } from '@/core/kinds/common';
import { mayPublish } from '@/data/actor';
import { db } from '@/data/db';
import { currentInspection } from '@/data/inspections';
import { addLink } from '@/data/links';
import { bodyOf, notFound, problem, route } from '@/server/api';
import { newToken, tokenHash } from '@/server/sealing';

/** Strict, with a label that must be said: a link opens a report to strangers and is not made by mistake. */
const schema = z.strictObject({
  label: text(120),
  expiresAt: z.iso.datetime({ offset: true }).nullable().default(null),
  opensAt: z.iso.datetime({ offset: true }).nullable().default(null),
});

export const POST = route<{ id: string }>(mayPublish, async ({ actor, request, params }) => {
  if (!(await currentInspection(db(), actor, params.id))) return notFound();
  const parsed = await bodyOf(
    request,
    schema,
    'Give {label, opensAt, expiresAt}: for whom, from and until when, or null.',
    4000,
  );
  if (!parsed.ok) return parsed.response;
  const expiresAt = parsed.data.expiresAt ? new Date(parsed.data.expiresAt) : null;
  if (expiresAt && expiresAt.getTime() <= Date.now()) return problem(400, 'expired', 'The expiry lies in the past.');
  const opensAt = parsed.data.opensAt ? new Date(parsed.data.opensAt) : null;
  if (opensAt && expiresAt && opensAt >= expiresAt)
    return problem(400, 'never-open', 'It would expire before it opens.');
  const token = newToken();
  const id = await addLink(db(), actor, {
    lotId: params.id,
    tokenHash: tokenHash(token),
    label: parsed.data.label,
    expiresAt,
    opensAt,
  });
  return Response.json({ ok: true, id, path: `/r/${token}` });
});
