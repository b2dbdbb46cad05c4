import { z } from 'zod';
import { instantSchema, text } from '@/core/kinds/common';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { revokeSealKey } from '@/data/seal-keys';
import { bodyOf, problem, route } from '@/server/api';

const schema = z.strictObject({ from: instantSchema, why: text(300).min(3) });

/** Revokes a key: the house does not stand by what was sealed with it from a moment on. Cannot be taken back. */
export const DELETE = route<{ id: string }>(mayManage, async ({ actor, request, params }) => {
  const parsed = await bodyOf(
    request,
    schema,
    'Say from which moment on it is not to be believed, and why. Nothing was changed.',
    4000,
  );
  if (!parsed.ok) return parsed.response;
  const { from, why } = parsed.data;
  const done = await revokeSealKey(db(), actor, params.id, { from: new Date(from), why, now: new Date() });
  return done
    ? Response.json({ ok: true })
    : problem(409, 'not-revocable', 'There is no such key of your house, or it was revoked before.');
});
