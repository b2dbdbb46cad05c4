import { z } from 'zod';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { houseSettings } from '@/data/house';
import { inviteToRecover } from '@/data/invitations';
import { bodyOf, notFound, route } from '@/server/api';
import { inviteAnswer } from '@/server/invite-answer';
import { newToken, tokenHash } from '@/server/sealing';
import { recoveryLetter } from '@/words/letters';

const schema = z.strictObject({ mail: z.boolean().default(false) });

/** Makes a link by which a person of the house sets a new password: it is in this answer and nowhere else. */
export const POST = route<{ person: string }>(mayManage, async ({ actor, request, params }) => {
  const parsed = await bodyOf(request, schema, 'Say whether it goes by mail: {"mail": false}.', 1000);
  if (!parsed.ok) return parsed.response;
  const token = newToken();
  const made = await inviteToRecover(db(), actor, params.person, tokenHash(token), new Date());
  if (!made) return notFound();
  const { name: house } = await houseSettings(db(), actor);
  return inviteAnswer(
    made.id,
    token,
    parsed.data.mail ? { to: made.email, ...recoveryLetter({ house, by: actor.name }) } : null,
  );
});
