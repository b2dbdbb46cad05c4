import { and, asc, eq, inArray, isNull, lte, sql } from 'drizzle-orm';
import { v7 as uuidv7 } from 'uuid';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, inOrg, type Tx } from './db';
import { memberOf } from './people';
import { deletion, type Erasable } from './tables/house';
import { lot } from './tables/lots';
import { sale } from './tables/sales';
import { shareLink } from './tables/seals';

/** Days between asking and erasing, in which it can be called off. House value; local law may ask for another. */
export const GRACE_DAYS = 14;
const DAY_MS = 86_400_000;

export type Deletion = typeof deletion.$inferSelect;

/** Neither called off nor done yet. */
const TO_COME = and(isNull(deletion.calledOffAt), isNull(deletion.doneAt));

/** What an erasable thing of the actor's house is called; null when there is none. */
async function nameOf(tx: Tx, actor: Actor, what: Erasable, target: string): Promise<string | null> {
  if (what === 'person') return (await memberOf(tx, actor, target))?.name ?? null;
  const [row] =
    what === 'lot'
      ? await tx
          .select({ name: sql<string>`${lot.number} || ', ' || ${lot.title}` })
          .from(lot)
          .where(and(eq(lot.orgId, actor.orgId), eq(lot.id, target)))
      : await tx
          .select({ name: sale.name })
          .from(sale)
          .where(and(eq(sale.orgId, actor.orgId), eq(sale.id, target)));
  return row?.name ?? null;
}

/**
 * Asks that something be erased after the grace. Its links open nothing from now on: a report that is to go is no longer
 * handed out. Null when there is no such thing, or it is asked for already.
 */
export async function askDeletion(
  db: Db,
  actor: Actor,
  given: { what: Erasable; target: string; why: string },
  now: Date,
): Promise<{ id: string; dueAt: Date } | null> {
  return inOrg(db, actor, async (tx) => {
    const name = await nameOf(tx, actor, given.what, given.target);
    const open = await tx
      .select({ id: deletion.id })
      .from(deletion)
      .where(and(eq(deletion.target, given.target), TO_COME));
    if (name === null || open.length > 0) return null;
    const id = uuidv7();
    const dueAt = new Date(now.getTime() + GRACE_DAYS * DAY_MS);
    await tx.insert(deletion).values({
      id,
      orgId: actor.orgId,
      name,
      askedById: actor.userId,
      askedBy: actor.name,
      askedAt: now,
      dueAt,
      ...given,
    });
    if (given.what !== 'person') {
      const lots = tx
        .select({ id: lot.id })
        .from(lot)
        .where(given.what === 'lot' ? eq(lot.id, given.target) : eq(lot.saleId, given.target));
      await tx
        .update(shareLink)
        .set({ withdrawnAt: now })
        .where(and(inArray(shareLink.lotId, lots), isNull(shareLink.withdrawnAt)));
    }
    await audit(tx, actor, 'erasing-asked', { detail: { what: given.what, why: given.why } });
    return { id, dueAt };
  });
}

/** Calls an erasing off. Links that were withdrawn for it stay withdrawn. False when there is none that is open. */
export async function callOff(db: Db, actor: Actor, id: string, now: Date): Promise<boolean> {
  return inOrg(db, actor, async (tx) => {
    const [row] = await tx
      .update(deletion)
      .set({ calledOffAt: now })
      .where(and(eq(deletion.id, id), eq(deletion.orgId, actor.orgId), TO_COME))
      .returning({ what: deletion.what });
    if (!row) return false;
    await audit(tx, actor, 'erasing-called-off', { detail: { what: row.what } });
    return true;
  });
}

/** What is to be erased in the actor's house, soonest first. */
export async function deletionsOf(db: Db, actor: Actor): Promise<Deletion[]> {
  return inOrg(db, actor, (tx) =>
    tx
      .select()
      .from(deletion)
      .where(and(eq(deletion.orgId, actor.orgId), TO_COME))
      .orderBy(asc(deletion.dueAt)),
  );
}

/** What is due in any house, for the tables' owner to erase. */
export const dueDeletions = (owner: Db, now: Date): Promise<Deletion[]> =>
  owner
    .select()
    .from(deletion)
    .where(and(lte(deletion.dueAt, now), TO_COME))
    .orderBy(asc(deletion.dueAt));
