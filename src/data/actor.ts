import { eq } from 'drizzle-orm';
import { type Db, within } from './db';
import { user } from './tables/auth';
import { membership, type Role } from './tables/farvin';

/** Who asks: every read and write takes one, and sees one organisation only. */
export interface Actor {
  readonly userId: string;
  readonly name: string;
  readonly orgId: string;
  readonly role: Role;
}

/** The actor of a signed-in user; null when the user belongs to no organisation. */
export async function actorOf(db: Db, userId: string): Promise<Actor | null> {
  const [row] = await within(db, 'farvin.user', userId, (tx) =>
    tx
      .select({ userId: user.id, name: user.name, orgId: membership.orgId, role: membership.role })
      .from(membership)
      .innerJoin(user, eq(user.id, membership.userId))
      .where(eq(membership.userId, userId))
      // The same one each time, for a person of two houses.
      .orderBy(membership.orgId)
      .limit(1),
  );
  return row ?? null;
}

/** Inspectors and managers write; viewers read. */
export const mayWrite = (actor: Actor) => actor.role !== 'viewer';
/** Managers seal, share and add lots. */
export const mayManage = (actor: Actor) => actor.role === 'manager';
