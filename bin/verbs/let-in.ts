import { eq } from 'drizzle-orm';
import { inviteToRecover } from '@/data/invitations';
import { user } from '@/data/tables/auth';
import { newToken, tokenHash } from '@/server/sealing';
import { actorFor, withOwner } from '../on-database';
import { Refusal, Usage } from '../refusals';
import { defineVerb, TEXT } from '../verb';

/** Makes a link by which a person sets a new password: for the day on which the only manager has lost it. */
function letIn(email: string | undefined): Promise<object> {
  if (!email) throw new Usage('let-in needs --email ADDRESS');
  return withOwner(async (db) => {
    const [person] = await db.select({ id: user.id }).from(user).where(eq(user.email, email.trim().toLowerCase()));
    const actor = await actorFor(db, email);
    const token = newToken();
    const made = person && (await inviteToRecover(db, actor, person.id, tokenHash(token), new Date()));
    if (!made) throw new Refusal('no-account', { message: 'There is no such account.' });
    console.error('The link works once, and for a week. It is shown here only.');
    return { ok: true, name: made.name, path: `/join/${token}` };
  });
}

export const verb = defineVerb({
  usage: '--email ADDRESS',
  does: 'Makes a link by which that person sets a new password. For whoever may run programs on the server itself.',
  gives: 'a link for a new password',
  takes: null,
  database: true,
  options: { email: TEXT } as const,
  run: (_nothing, flags) => letIn(flags.email),
});
