import { z } from 'zod';
import { text } from '@/core/kinds/common';
import { ROLES } from '@/core/people/roles';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { changeRole, letGo, renamePerson } from '@/data/people';
import { bodyOf, notFound, problem, route } from '@/server/api';

const schema = z
  .strictObject({ name: text(120).min(2), role: z.enum(ROLES) })
  .partial()
  .refine((given) => Object.keys(given).length > 0);

const answer = (done: boolean | 'done' | 'nobody' | 'last-manager') => {
  if (done === 'last-manager')
    return problem(409, 'last-manager', 'A house keeps a manager. Make somebody else one first; nothing was changed.');
  return done === true || done === 'done' ? null : notFound();
};

/** Changes a person's name (log lines and seals of before keep the one they had) or role. */
export const PATCH = route<{ person: string }>(mayManage, async ({ actor, request, params }) => {
  const expected = `A name has 2 to 120 letters; a role is ${ROLES.join(', ')}. Nothing was changed.`;
  const parsed = await bodyOf(request, schema, expected, 4000);
  if (!parsed.ok) return parsed.response;
  const { name, role } = parsed.data;
  const refused =
    (role !== undefined && answer(await changeRole(db(), actor, params.person, role))) ||
    (name !== undefined && answer(await renamePerson(db(), actor, params.person, name)));
  return refused || Response.json({ ok: true });
});

/** Lets a person go; what that person entered stays. */
export const DELETE = route<{ person: string }>(
  mayManage,
  async ({ actor, params }) => answer(await letGo(db(), actor, params.person)) ?? Response.json({ ok: true }),
);
