import { and, asc, eq, sql } from 'drizzle-orm';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, inOrg } from './db';
import { user } from './tables/auth';
import { lot, lotLending, membership, organisation, type Role } from './tables/farvin';

export interface PersonRow {
  readonly id: string;
  readonly name: string;
  readonly email: string;
  readonly role: Role;
}

/** The people of the actor's organisation. */
export async function peopleOf(db: Db, actor: Actor): Promise<PersonRow[]> {
  return inOrg(db, actor, (tx) =>
    tx
      .select({ id: user.id, name: user.name, email: user.email, role: membership.role })
      .from(membership)
      .innerJoin(user, eq(user.id, membership.userId))
      .where(eq(membership.orgId, actor.orgId))
      .orderBy(asc(user.name)),
  );
}

/** Changes how a person of the organisation is called from now on; what was entered before keeps the name it had. */
export async function renamePerson(db: Db, actor: Actor, personId: string, name: string): Promise<boolean> {
  return inOrg(db, actor, async (tx) => {
    const [person] = await tx
      .select({ before: user.name })
      .from(membership)
      .innerJoin(user, eq(user.id, membership.userId))
      .where(and(eq(membership.orgId, actor.orgId), eq(membership.userId, personId)));
    if (!person) return false;
    if (person.before === name) return true;
    await tx.update(user).set({ name, updatedAt: sql`now()` }).where(eq(user.id, personId));
    await audit(tx, actor, 'name-changed', { detail: { person: personId, before: person.before, after: name } });
    return true;
  });
}

/** Lends a lot to a viewer of the organisation, or takes it back. False when there is no such lot or viewer. */
export async function lendLot(db: Db, actor: Actor, lotId: string, personId: string, lent: boolean): Promise<boolean> {
  return inOrg(db, actor, async (tx) => {
    const [there] = await tx
      .select({ lotId: lot.id, name: user.name })
      .from(membership)
      .innerJoin(user, eq(user.id, membership.userId))
      .innerJoin(lot, eq(lot.orgId, membership.orgId))
      .where(
        and(
          eq(lot.id, lotId),
          eq(lot.orgId, actor.orgId),
          eq(membership.userId, personId),
          eq(membership.role, 'viewer'),
        ),
      );
    if (!there) return false;
    const changed = lent
      ? await tx
          .insert(lotLending)
          .values({ lotId, userId: personId, orgId: actor.orgId, lentBy: actor.userId })
          .onConflictDoNothing()
          .returning({ lotId: lotLending.lotId })
      : await tx
          .delete(lotLending)
          .where(and(eq(lotLending.lotId, lotId), eq(lotLending.userId, personId)))
          .returning({ lotId: lotLending.lotId });
    if (changed.length > 0)
      await audit(tx, actor, lent ? 'lent' : 'lending-ended', { lotId, detail: { to: there.name, person: personId } });
    return true;
  });
}

/** The viewers of the organisation, each with whether this lot is lent to that person. */
export async function lendingsOf(
  db: Db,
  actor: Actor,
  lotId: string,
): Promise<{ id: string; name: string; lent: boolean }[]> {
  return inOrg(db, actor, (tx) =>
    tx
      .select({ id: user.id, name: user.name, lent: sql<boolean>`${lotLending.lotId} is not null` })
      .from(membership)
      .innerJoin(user, eq(user.id, membership.userId))
      .leftJoin(lotLending, and(eq(lotLending.userId, user.id), eq(lotLending.lotId, lotId)))
      .where(and(eq(membership.orgId, actor.orgId), eq(membership.role, 'viewer')))
      .orderBy(asc(user.name)),
  );
}

/** What a house lets strangers read, and how long it keeps the addresses of sign-ins and of links that were opened. */
export interface HouseSettings {
  readonly publishesPlaces: boolean;
  /** Days; null keeps them. */
  readonly keepAddressesDays: number | null;
}

export async function houseSettings(db: Db, actor: Actor): Promise<HouseSettings> {
  const [row] = await inOrg(db, actor, (tx) =>
    tx
      .select({ publishesPlaces: organisation.publishesPlaces, keepAddressesDays: organisation.keepAddressesDays })
      .from(organisation)
      .where(eq(organisation.id, actor.orgId)),
  );
  return row ?? { publishesPlaces: false, keepAddressesDays: null };
}

/** Changes what is named; reports sealed from then on follow it. */
export async function keepHouseSettings(db: Db, actor: Actor, change: Partial<HouseSettings>): Promise<void> {
  await inOrg(db, actor, async (tx) => {
    await tx.update(organisation).set(change).where(eq(organisation.id, actor.orgId));
    if (change.publishesPlaces !== undefined)
      await audit(tx, actor, change.publishesPlaces ? 'places-published' : 'places-hidden');
    if (change.keepAddressesDays !== undefined)
      await audit(tx, actor, 'term-changed', { detail: { days: change.keepAddressesDays } });
  });
}
