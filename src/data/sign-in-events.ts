import { and, desc, eq, gt, sql } from 'drizzle-orm';
import { type Actor, mayManage } from './actor';
import { audit } from './audit';
import { type Db, inOrg, type Tx, within } from './db';
import { SESSION_CHANNEL } from './live-channel';
import { session, signInEvent, user } from './tables/auth';
import { membership } from './tables/organisations';

/** Writes down a sign-in, a refused one, a sign-out or a revoked session. Cannot be taken back. */
export async function noteSignIn(db: Db, event: Omit<typeof signInEvent.$inferInsert, 'id'>): Promise<void> {
  await db.insert(signInEvent).values({ ...event, agent: event.agent?.slice(0, 200) ?? '' });
}

/** Whose account and organisation an address belongs to; nulls when it is none. */
export async function accountOfEmail(db: Db, email: string): Promise<{ userId: string | null; orgId: string | null }> {
  const [row] = await db.select({ userId: user.id }).from(user).where(eq(user.email, email.trim().toLowerCase()));
  if (!row) return { userId: null, orgId: null };
  return { userId: row.userId, orgId: await orgOfUser(db, row.userId) };
}

/** The organisation of a user, or null. */
export async function orgOfUser(db: Db, userId: string): Promise<string | null> {
  const [row] = await within(db, 'farvin.user', userId, (tx) =>
    tx.select({ orgId: membership.orgId }).from(membership).where(eq(membership.userId, userId)),
  );
  return row?.orgId ?? null;
}

/** Whether an account was signed in from an address since a moment. */
export async function signedInFrom(db: Db, userId: string, address: string, since: Date): Promise<boolean> {
  const orgId = await orgOfUser(db, userId);
  if (!orgId) return false;
  const rows = await inOrg(db, { orgId }, (tx) =>
    tx
      .select({ id: signInEvent.id })
      .from(signInEvent)
      .where(
        and(
          eq(signInEvent.orgId, orgId),
          eq(signInEvent.userId, userId),
          eq(signInEvent.address, address),
          eq(signInEvent.what, 'signed-in'),
          gt(signInEvent.at, since),
        ),
      )
      .limit(1),
  );
  return rows.length > 0;
}

/** The organisation's latest sign-ins, newest first. */
export async function signInsOf(db: Db, actor: Actor, limit = 100) {
  return inOrg(db, actor, (tx) =>
    tx
      .select({
        at: signInEvent.at,
        who: user.name,
        what: signInEvent.what,
        address: signInEvent.address,
        agent: signInEvent.agent,
      })
      .from(signInEvent)
      .leftJoin(user, eq(user.id, signInEvent.userId))
      .where(eq(signInEvent.orgId, actor.orgId))
      .orderBy(desc(signInEvent.id))
      .limit(limit),
  );
}

export interface OpenSession {
  readonly id: string;
  readonly userId: string;
  readonly who: string;
  readonly since: Date;
  readonly until: Date;
  readonly address: string | null;
  readonly agent: string | null;
}

/** Sessions that are open: the actor's own, and for a manager those of the whole organisation. */
export async function sessionsOf(db: Db, actor: Actor, now: Date): Promise<OpenSession[]> {
  const rows = await inOrg(db, actor, (tx) =>
    tx
      .select({
        id: session.id,
        userId: session.userId,
        who: user.name,
        since: session.createdAt,
        until: session.expiresAt,
        address: session.ipAddress,
        agent: session.userAgent,
      })
      .from(session)
      .innerJoin(membership, eq(membership.userId, session.userId))
      .innerJoin(user, eq(user.id, session.userId))
      .where(eq(membership.orgId, actor.orgId))
      .orderBy(desc(session.createdAt)),
  );
  return rows.filter((r) => r.until > now && (mayManage(actor) || r.userId === actor.userId));
}

/** Ends a session that the actor may see; its next request is a stranger's. */
export async function revokeSession(db: Db, actor: Actor, id: string, now: Date): Promise<OpenSession | null> {
  const found = (await sessionsOf(db, actor, now)).find((s) => s.id === id);
  if (!found) return null;
  await db.delete(session).where(eq(session.id, id));
  await inOrg(db, actor, async (tx) => {
    await audit(tx, actor, 'session-ended', { detail: { of: found.who } });
    await tellSessionsEnded(tx, found.userId);
  });
  return found;
}

/** Tells all servers that sessions of an account ended: their live streams close at once. */
export async function tellSessionsEnded(db: Db | Tx, userId: string): Promise<void> {
  await db.execute(sql`select pg_notify(${SESSION_CHANNEL}, ${userId})`);
}

/** Whether a session is still open. */
export async function sessionOpen(db: Db, id: string, now: Date): Promise<boolean> {
  const [row] = await db.select({ until: session.expiresAt }).from(session).where(eq(session.id, id));
  return !!row && row.until > now;
}
