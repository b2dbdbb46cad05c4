import { and, asc, eq, inArray, sql } from 'drizzle-orm';
import { ROLES, type Role, roleMay, seesOwnOnly } from '@/core/people/roles';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, type House, inOrg, type Tx } from './db';
import { refusedBy } from './refused-by';
import { tellSessionsEnded } from './sign-in-events';
import { user } from './tables/auth';
import { lotAssignment, saleLending } from './tables/house';
import { lot, lotLending } from './tables/lots';
import { membership } from './tables/organisations';
import { sale } from './tables/sales';
import { setYes } from './yes-row';

/** Roles that see what is lent to them, and what is their own. */
const OWN_ONLY = ROLES.filter(seesOwnOnly);

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

/** Where mail for a house goes: to its managers and editors, who answer bidders. */
export async function houseMail(db: Db, house: House): Promise<string[]> {
  const rows = await inOrg(db, house, (tx) =>
    tx
      .select({ email: user.email })
      .from(membership)
      .innerJoin(user, eq(user.id, membership.userId))
      .where(and(eq(membership.orgId, house.orgId), inArray(membership.role, ['manager', 'editor']))),
  );
  return rows.map((r) => r.email);
}

/** A person of the actor's organisation, or null. */
export async function memberOf(tx: Tx, actor: Actor, personId: string): Promise<PersonRow | null> {
  const [row] = await tx
    .select({ id: user.id, name: user.name, email: user.email, role: membership.role })
    .from(membership)
    .innerJoin(user, eq(user.id, membership.userId))
    .where(and(eq(membership.orgId, actor.orgId), eq(membership.userId, personId)));
  return row ?? null;
}

/** Changes how a person of the organisation is called from now on; what was entered before keeps the name it had. */
export async function renamePerson(db: Db, actor: Actor, personId: string, name: string): Promise<boolean> {
  return inOrg(db, actor, async (tx) => {
    const person = await memberOf(tx, actor, personId);
    if (!person) return false;
    if (person.name === name) return true;
    await tx.update(user).set({ name, updatedAt: sql`now()` }).where(eq(user.id, personId));
    await audit(tx, actor, 'name-changed', { detail: { person: personId, before: person.name, after: name } });
    return true;
  });
}

/** The database itself refuses to leave a house without a manager (migration 0013). */
const keepingManager = <T>(work: () => Promise<T>) => refusedBy('last_manager', 'last-manager', work);

/** Gives a person of the organisation another role. Refused for the only manager: a house keeps one. */
export async function changeRole(
  db: Db,
  actor: Actor,
  personId: string,
  role: Role,
): Promise<'done' | 'nobody' | 'last-manager'> {
  return keepingManager(() =>
    inOrg(db, actor, async (tx) => {
      const person = await memberOf(tx, actor, personId);
      if (!person) return 'nobody';
      if (person.role === role) return 'done';
      await tx
        .update(membership)
        .set({ role })
        .where(and(eq(membership.orgId, actor.orgId), eq(membership.userId, personId)));
      // Whoever enters no records keeps no lots.
      if (!roleMay(role, 'enter'))
        await tx
          .delete(lotAssignment)
          .where(and(eq(lotAssignment.orgId, actor.orgId), eq(lotAssignment.userId, personId)));
      await audit(tx, actor, 'role-changed', {
        detail: { of: person.name, person: personId, before: person.role, after: role },
      });
      await tellSessionsEnded(tx, personId);
      return 'done';
    }),
  );
}

/**
 * Lets a person go, or leave by the own wish: nothing is open to that account any more; what was entered keeps its name.
 * Refused for the only manager.
 */
export async function letGo(db: Db, actor: Actor, personId: string): Promise<'done' | 'nobody' | 'last-manager'> {
  return keepingManager(() =>
    inOrg(db, actor, async (tx) => {
      const person = await memberOf(tx, actor, personId);
      const [gone] = await tx.execute<{ done: boolean }>(sql`select farvin_let_go(${personId}) as done`);
      if (!person || !gone?.done) return 'nobody';
      await audit(tx, actor, personId === actor.userId ? 'left' : 'let-go', {
        detail: { of: person.name, person: personId },
      });
      await tellSessionsEnded(tx, personId);
      return 'done';
    }),
  );
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
          inArray(membership.role, OWN_ONLY),
        ),
      );
    if (!there) return false;
    const row = { lotId, userId: personId, orgId: actor.orgId, lentBy: actor.userId };
    const mine = and(eq(lotLending.lotId, lotId), eq(lotLending.userId, personId));
    if (await setYes(tx, lotLending, row, mine, lent))
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
      .where(and(eq(membership.orgId, actor.orgId), inArray(membership.role, OWN_ONLY)))
      .orderBy(asc(user.name)),
  );
}

/** Lends every lot of a sale, those to come too, to somebody who sees own lots only; or takes it back. */
export async function lendSale(
  db: Db,
  actor: Actor,
  saleId: string,
  personId: string,
  lent: boolean,
): Promise<boolean> {
  return inOrg(db, actor, async (tx) => {
    const [there] = await tx
      .select({ name: user.name, sale: sale.name })
      .from(membership)
      .innerJoin(user, eq(user.id, membership.userId))
      .innerJoin(sale, eq(sale.orgId, membership.orgId))
      .where(and(eq(sale.id, saleId), eq(membership.userId, personId), inArray(membership.role, OWN_ONLY)));
    if (!there) return false;
    const row = { saleId, userId: personId, orgId: actor.orgId, lentBy: actor.userId };
    const mine = and(eq(saleLending.saleId, saleId), eq(saleLending.userId, personId));
    if (await setYes(tx, saleLending, row, mine, lent))
      await audit(tx, actor, lent ? 'sale-lent' : 'sale-lending-ended', {
        detail: { sale: there.sale, to: there.name, person: personId },
      });
    return true;
  });
}

/** Which sales are lent whole to whom, as pairs of ids. */
export async function saleLendings(db: Db, actor: Actor): Promise<{ saleId: string; userId: string }[]> {
  return inOrg(db, actor, (tx) =>
    tx.select({ saleId: saleLending.saleId, userId: saleLending.userId }).from(saleLending),
  );
}
