import { z } from 'zod';
import { text } from '@/core/kinds/common';
import { ROLES } from '@/core/people/roles';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { houseSettings } from '@/data/house';
import { invitationsOf, invite } from '@/data/invitations';
import { bodyOf, route } from '@/server/api';
import { inviteAnswer } from '@/server/invite-answer';
import { newToken, tokenHash } from '@/server/sealing';
import { emailSchema } from '@/server/way-in';
import { invitationLetter } from '@/words/letters';

const schema = z.strictObject({
  role: z.enum(ROLES),
  name: text(120).default(''),
  email: emailSchema.or(z.literal('')).default(''),
  /** Whether to send it there. */
  mail: z.boolean().default(false),
});

/** Who was invited and what became of it. */
export const GET = route(mayManage, async ({ actor }) =>
  Response.json({ invitations: await invitationsOf(db(), actor, new Date()) }),
);

/** Makes an invitation: its link is in this answer and nowhere else. */
export const POST = route(mayManage, async ({ actor, request }) => {
  const parsed = await bodyOf(
    request,
    schema,
    `Give a role (${ROLES.join(', ')}) and, if you like, name and email.`,
    4000,
  );
  if (!parsed.ok) return parsed.response;
  const { mail, ...given } = parsed.data;
  const token = newToken();
  const id = await invite(db(), actor, { ...given, tokenHash: tokenHash(token) }, new Date());
  const { name: house } = await houseSettings(db(), actor);
  const letter = { to: given.email, ...invitationLetter({ house, by: actor.name, role: given.role }) };
  return inviteAnswer(id, token, mail && given.email !== '' ? letter : null);
});
