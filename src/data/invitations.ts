import { and, desc, eq, isNull, sql } from 'drizzle-orm';
import { v7 as uuidv7 } from 'uuid';
import type { Role } from '@/core/people/roles';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, inOrg } from './db';
import { memberOf } from './people';
import { tellSessionsEnded } from './sign-in-events';
import { user } from './tables/auth';
import { invitation } from './tables/house';

/** Days for which a link that lets somebody in is good. */
export const INVITATION_DAYS = 7;
const DAY_MS = 86_400_000;

export type InvitationStanding = 'open' | 'used' | 'expired' | 'withdrawn';

export interface InvitationRow {
  readonly id: string;
  readonly purpose: 'join' | 'recover';
  readonly role: Role;
  readonly name: string;
  readonly email: string;
  readonly createdAt: Date;
  readonly expiresAt: Date;
  readonly standing: InvitationStanding;
}

/** The house's invitations and recoveries, newest first; never their tokens. */
export async function invitationsOf(db: Db, actor: Actor, now: Date): Promise<InvitationRow[]> {
  const rows = await inOrg(db, actor, (tx) =>
    tx
      .select()
      .from(invitation)
      .where(eq(invitation.orgId, actor.orgId))
      .orderBy(desc(invitation.createdAt))
      .limit(200),
  );
  return rows.map(({ id, purpose, role, name, email, createdAt, expiresAt, usedAt, withdrawnAt }) => ({
    id,
    purpose,
    role,
    name,
    email,
    createdAt,
    expiresAt,
    standing: usedAt ? 'used' : withdrawnAt ? 'withdrawn' : expiresAt <= now ? 'expired' : 'open',
  }));
}

/** Makes an invitation into a role of the actor's house. The caller shows its link once. */
export async function invite(
  db: Db,
  actor: Actor,
  given: { role: Role; name: string; email: string; tokenHash: string },
  now: Date,
): Promise<string> {
  return inOrg(db, actor, async (tx) => {
    const id = uuidv7();
    await tx.insert(invitation).values({
      id,
      orgId: actor.orgId,
      purpose: 'join',
      createdBy: actor.userId,
      createdAt: now,
      expiresAt: new Date(now.getTime() + INVITATION_DAYS * DAY_MS),
      ...given,
    });
    await audit(tx, actor, 'invited', { detail: { to: given.email || given.name, role: given.role } });
    return id;
  });
}

/** Makes a link by which a person of the house sets a new password; earlier ones for that person open nothing more. Null when there is none such. */
export async function inviteToRecover(
  db: Db,
  actor: Actor,
  personId: string,
  tokenHash: string,
  now: Date,
): Promise<{ id: string; name: string; email: string } | null> {
  return inOrg(db, actor, async (tx) => {
    const person = await memberOf(tx, actor, personId);
    if (!person) return null;
    await tx
      .update(invitation)
      .set({ withdrawnAt: now })
      .where(and(eq(invitation.userId, personId), eq(invitation.purpose, 'recover'), isNull(invitation.usedAt)));
    const id = uuidv7();
    await tx.insert(invitation).values({
      id,
      orgId: actor.orgId,
      purpose: 'recover',
      userId: personId,
      createdBy: actor.userId,
      createdAt: now,
      expiresAt: new Date(now.getTime() + INVITATION_DAYS * DAY_MS),
      tokenHash,
      name: person.name,
      email: person.email,
      role: person.role,
    });
    await audit(tx, actor, 'recovery-made', { detail: { to: person.name, person: personId } });
    return { id, name: person.name, email: person.email };
  });
}

/** Withdraws an invitation that was not used. False when there is none open. */
export async function withdrawInvitation(db: Db, actor: Actor, id: string, now: Date): Promise<boolean> {
  return inOrg(db, actor, async (tx) => {
    const [row] = await tx
      .update(invitation)
      .set({ withdrawnAt: now })
      .where(
        and(
          eq(invitation.id, id),
          eq(invitation.orgId, actor.orgId),
          isNull(invitation.usedAt),
          isNull(invitation.withdrawnAt),
        ),
      )
      .returning({ name: invitation.name, email: invitation.email });
    if (!row) return false;
    await audit(tx, actor, 'invitation-withdrawn', { detail: { to: row.email || row.name } });
    return true;
  });
}

export interface OpenInvitation {
  readonly house: string;
  readonly purpose: 'join' | 'recover';
  readonly role: Role;
  readonly name: string;
  readonly email: string;
  readonly standing: InvitationStanding;
}

/** What a link that lets somebody in says to whoever holds it, or null when it is none. */
export async function invitationBehind(db: Db, tokenHash: string): Promise<OpenInvitation | null> {
  const [row] = await db.execute<OpenInvitation & Record<string, unknown>>(
    sql`select * from farvin_invitation(${tokenHash})`,
  );
  return row ?? null;
}

export type LetIn =
  | { readonly ok: true; readonly how: 'joined' | 'recovered'; readonly orgId: string; readonly userId: string }
  | { readonly ok: false; readonly why: 'unknown' | 'used' | 'withdrawn' | 'expired' | 'email-taken' };

/** Lets in whoever holds the link: into the house, or back in with a new password. A link does it once. */
export async function letIn(
  db: Db,
  tokenHash: string,
  given: { name: string; email: string; passwordHash: string },
): Promise<LetIn> {
  const [row] = await db.execute<{ outcome: string; org: string | null; who: string | null }>(
    sql`select * from farvin_let_in(${tokenHash}, ${uuidv7()}, ${uuidv7()}, ${given.name}, ${given.email}, ${given.passwordHash})`,
  );
  const { outcome, org, who } = row!;
  if (org === null || who === null) return { ok: false, why: outcome as Extract<LetIn, { ok: false }>['why'] };
  const how = outcome as 'joined' | 'recovered';
  await inOrg(db, { orgId: org }, async (tx) => {
    const [person] = await tx.select({ name: user.name }).from(user).where(eq(user.id, who));
    await audit(tx, { orgId: org, userId: who, name: person?.name ?? '' }, how === 'joined' ? 'joined' : 'recovered');
    if (how === 'recovered') await tellSessionsEnded(tx, who);
  });
  return { ok: true, how, orgId: org, userId: who };
}
