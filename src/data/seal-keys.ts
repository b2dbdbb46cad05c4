import { randomBytes } from 'node:crypto';
import { and, desc, eq, isNull, sql } from 'drizzle-orm';
import { v7 as uuidv7 } from 'uuid';
import { publicKeyOf } from '@/core/seal/seal';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, inOrg, type Tx } from './db';
import { boxed, isPlain, unboxed } from './key-box';
import { organisation } from './tables/organisations';
import { sealKey, sealSecret } from './tables/seals';

export type SealKey = typeof sealKey.$inferSelect;

/** Makes a key for an organisation that seals from now on. */
export async function addSealKey(tx: Tx | Db, orgId: string, house: string, now: Date): Promise<string> {
  const id = uuidv7();
  const secret = randomBytes(32).toString('hex');
  await tx.insert(sealKey).values({ id, orgId, house, publicKey: await publicKeyOf(secret), validFrom: now });
  await tx.insert(sealSecret).values({ keyId: id, orgId, box: boxed(secret, id) });
  return id;
}

/** The key with which an organisation seals now, with its secret half. */
export async function presentSealKey(
  tx: Tx,
  actor: Actor,
): Promise<{ id: string; house: string; secret: string; publicKey: string }> {
  const [row] = await tx
    .select({ id: sealKey.id, house: organisation.name, publicKey: sealKey.publicKey, box: sealSecret.box })
    .from(sealKey)
    .innerJoin(sealSecret, eq(sealSecret.keyId, sealKey.id))
    .innerJoin(organisation, eq(organisation.id, sealKey.orgId))
    .where(and(eq(sealKey.orgId, actor.orgId), isNull(sealKey.validTo), isNull(sealKey.revokedAt)))
    .orderBy(desc(sealKey.validFrom))
    .limit(1);
  if (!row) throw new Error('the organisation has no key to seal with');
  return { id: row.id, house: row.house, publicKey: row.publicKey, secret: unboxed(row.box, row.id) };
}

/** Ends the present key and makes a new one; what was sealed with it stays good. Null when it is not the present one. */
export async function rotateSealKey(db: Db, actor: Actor, present: string, now: Date): Promise<string | null> {
  return inOrg(db, actor, async (tx) => {
    const [house] = await tx
      .select({ name: organisation.name })
      .from(organisation)
      .where(eq(organisation.id, actor.orgId));
    const closed = await tx
      .update(sealKey)
      .set({ validTo: now })
      .where(and(eq(sealKey.id, present), eq(sealKey.orgId, actor.orgId), isNull(sealKey.validTo)))
      .returning({ id: sealKey.id });
    if (closed.length === 0) return null;
    const id = await addSealKey(tx, actor.orgId, house!.name, now);
    await audit(tx, actor, 'key-made', { detail: { key: id } });
    return id;
  });
}

/**
 * Tells the world that a key is not to be believed for what it seals from a moment on, and why. The present key gives
 * way to a new one. False when there is no such key, or it was revoked before.
 */
export async function revokeSealKey(
  db: Db,
  actor: Actor,
  keyId: string,
  given: { from: Date; why: string; now: Date },
): Promise<boolean> {
  return inOrg(db, actor, async (tx) => {
    const [key] = await tx
      .update(sealKey)
      .set({
        revokedAt: given.now,
        revokedFrom: given.from,
        revokedWhy: given.why,
        validTo: sql`coalesce(${sealKey.validTo}, ${given.now.toISOString()}::timestamptz)`,
      })
      .where(and(eq(sealKey.id, keyId), eq(sealKey.orgId, actor.orgId), isNull(sealKey.revokedAt)))
      .returning();
    if (!key) return false;
    const [open] = await tx
      .select({ id: sealKey.id })
      .from(sealKey)
      .where(and(eq(sealKey.orgId, actor.orgId), isNull(sealKey.validTo)));
    if (!open) await addSealKey(tx, actor.orgId, key.house, given.now);
    await audit(tx, actor, 'key-revoked', { detail: { key: keyId, from: given.from.toISOString(), why: given.why } });
    return true;
  });
}

/** The published halves of a house's keys, newest first; for everybody. */
export async function publishedKeys(db: Db, orgId: string): Promise<SealKey[]> {
  return db.select().from(sealKey).where(eq(sealKey.orgId, orgId)).orderBy(desc(sealKey.validFrom));
}

/** Encrypts keys that an earlier program kept plainly. Needs the tables' owner. Returns how many. */
export async function boxPlainKeys(owner: Db): Promise<number> {
  const rows = (await owner.select().from(sealSecret)).filter((r) => isPlain(r.box));
  for (const { keyId, box } of rows)
    await owner
      .update(sealSecret)
      .set({ box: boxed(unboxed(box, keyId), keyId) })
      .where(eq(sealSecret.keyId, keyId));
  return rows.length;
}
