import { eq, sql } from 'drizzle-orm';
import { type Ability, type Role, roleMay, seesOwnOnly } from '@/core/people/roles';
import { type Db, within } from './db';
import { user } from './tables/auth';
import { membership } from './tables/organisations';

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

export interface SessionActor {
  readonly actor: Actor;
  /** The session's id. */
  readonly session: string;
  /** Whether less of its life is left than asked for. */
  readonly due: boolean;
}

/** Who asks by the session of that token, in one question; null when it is not open or its user belongs to no organisation. */
export async function sessionActor(db: Db, token: string, renewWithinS: number): Promise<SessionActor | null> {
  const [row] = await db.execute<{
    session_id: string;
    due: boolean;
    user_id: string;
    name: string;
    org_id: string;
    role: Role;
  }>(sql`select * from farvin_who_asks(${token}, make_interval(secs => ${renewWithinS}::double precision))`);
  if (!row) return null;
  const { user_id: userId, name, org_id: orgId, role } = row;
  return { actor: { userId, name, orgId, role }, session: row.session_id, due: row.due };
}

const may = (ability: Ability) => (actor: Pick<Actor, 'role'>) => roleMay(actor.role, ability);

/** Who enters records of every kind; who states at least what a seller says; who manages; who publishes. */
export const mayEnter = may('enter');
export const mayClaim = may('claim');
export const mayManage = may('manage');
export const mayPublish = may('publish');
/** Who sees all of the house's lots, and may pack them up. */
export const readsHouse = (actor: Pick<Actor, 'role'>) => !readsAlone(actor);
/** Whose answers are that person's alone. */
export const readsAlone = (actor: Pick<Actor, 'role'>) => seesOwnOnly(actor.role);
