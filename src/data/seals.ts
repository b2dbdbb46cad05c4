import { and, desc, eq, lt, sql } from 'drizzle-orm';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, inOrg, type Tx } from './db';
import { LIVE_CHANNEL } from './live-channel';
import { presentSealKey } from './seal-keys';
import { inspection } from './tables/lots';
import { organisation } from './tables/organisations';
import { seal } from './tables/seals';

/** The hash of the report that the house sealed last, or null. */
async function newestSeal(tx: Tx, actor: Actor): Promise<string | null> {
  const [row] = await tx
    .select({ sha256: seal.sha256 })
    .from(seal)
    .where(eq(seal.orgId, actor.orgId))
    .orderBy(desc(seal.sealedAt), desc(seal.inspectionId))
    .limit(1);
  return row?.sha256 ?? null;
}

/** What a seal stands on: the key, the house's seal before, and what the house publishes. */
export async function sealBasis(db: Db, actor: Actor) {
  return inOrg(db, actor, async (tx) => {
    const key = await presentSealKey(tx, actor);
    const previous = await newestSeal(tx, actor);
    const [house] = await tx
      .select({ publishesPlaces: organisation.publishesPlaces, fourEyes: organisation.fourEyes })
      .from(organisation)
      .where(eq(organisation.id, actor.orgId));
    return { key, previous, publishesPlaces: house?.publishesPlaces ?? false, fourEyes: house?.fourEyes ?? false };
  });
}

/** Whether somebody else than the actor reviewed an inspection as it is now. */
export async function reviewedByAnother(db: Db, actor: Actor, inspectionId: string): Promise<boolean> {
  const [row] = await inOrg(db, actor, (tx) =>
    tx
      .select({ by: inspection.reviewedBy, count: inspection.reviewedCount, now: inspection.changeCount })
      .from(inspection)
      .where(and(eq(inspection.id, inspectionId), eq(inspection.state, 'reviewed'))),
  );
  return row !== undefined && row.by !== null && row.by !== actor.userId && row.count === row.now;
}

export type KeepSeal = { ok: true } | { ok: false; reason: 'not-found' | 'already-sealed' | 'changed-meanwhile' };

/** Closes an inspection with its sealed report, unless it changed since the report was computed. */
export async function keepSeal(
  db: Db,
  actor: Actor,
  inspectionId: string,
  atCount: number,
  sealed: {
    sealedAt: Date;
    sealedBy: string;
    sha256: string;
    report: string;
    keyId: string;
    previous: string | null;
    logHead: string;
  },
): Promise<KeepSeal> {
  const { previous, logHead, ...row } = sealed;
  return inOrg(db, actor, async (tx) => {
    // One seal of a house after the other: each names the one before it.
    await tx.execute(sql`select pg_advisory_xact_lock(hashtext(${`seal ${actor.orgId}`}))`);
    const [head] = await tx
      .select()
      .from(inspection)
      .where(and(eq(inspection.id, inspectionId), eq(inspection.orgId, actor.orgId)))
      .for('update');
    if (!head) return { ok: false, reason: 'not-found' };
    if (head.state === 'sealed') return { ok: false, reason: 'already-sealed' };
    if (head.changeCount !== atCount || head.logHead !== logHead) return { ok: false, reason: 'changed-meanwhile' };
    const newest = await newestSeal(tx, actor);
    if (newest !== previous) return { ok: false, reason: 'changed-meanwhile' };
    await tx.insert(seal).values({ inspectionId, orgId: actor.orgId, sealedById: actor.userId, ...row });
    await tx.update(inspection).set({ state: 'sealed' }).where(eq(inspection.id, inspectionId));
    await audit(tx, actor, 'sealed', {
      lotId: head.lotId,
      inspectionId,
      detail: { sha256: row.sha256, key: row.keyId },
    });
    await tx.execute(sql`select pg_notify(${LIVE_CHANNEL}, ${inspectionId})`);
    return { ok: true };
  });
}

/** The newest sealed report of a lot before a revision: its number and hash. */
export async function sealBefore(
  db: Db,
  actor: Actor,
  lotId: string,
  revision: number,
): Promise<{ revision: number; sha256: string } | null> {
  const [row] = await inOrg(db, actor, (tx) =>
    tx
      .select({ revision: inspection.revision, sha256: seal.sha256 })
      .from(seal)
      .innerJoin(inspection, eq(inspection.id, seal.inspectionId))
      .where(and(eq(inspection.lotId, lotId), eq(seal.orgId, actor.orgId), lt(inspection.revision, revision)))
      .orderBy(desc(inspection.revision))
      .limit(1),
  );
  return row ?? null;
}

/** The tables of numbers that a sealed inspection was judged by, as they stand in its report; null where it has none. */
export async function sealedTables(db: Db, actor: Actor, inspectionId: string): Promise<unknown> {
  const [row] = await inOrg(db, actor, (tx) =>
    tx
      .select({ tables: sql<unknown>`${seal.report}::jsonb -> 'snapshot' -> 'tables'` })
      .from(seal)
      .where(and(eq(seal.inspectionId, inspectionId), eq(seal.orgId, actor.orgId))),
  );
  return row?.tables ?? null;
}

/** When and under which hash each revision of a lot was sealed, by inspection. */
export async function sealsOfLot(
  db: Db,
  actor: Actor,
  lotId: string,
): Promise<Map<string, { sealedAt: Date; sha256: string }>> {
  const rows = await inOrg(db, actor, (tx) =>
    tx
      .select({ id: seal.inspectionId, sealedAt: seal.sealedAt, sha256: seal.sha256 })
      .from(seal)
      .innerJoin(inspection, eq(inspection.id, seal.inspectionId))
      .where(and(eq(inspection.lotId, lotId), eq(seal.orgId, actor.orgId))),
  );
  return new Map(rows.map(({ id, ...s }) => [id, s]));
}

/** The sealed report's text, exactly as sealed, or null. */
export async function sealedReport(
  db: Db,
  actor: Actor,
  inspectionId: string,
): Promise<{ report: string; sha256: string; sealedAt: Date } | null> {
  const [row] = await inOrg(db, actor, (tx) =>
    tx
      .select({ report: seal.report, sha256: seal.sha256, sealedAt: seal.sealedAt })
      .from(seal)
      .where(and(eq(seal.inspectionId, inspectionId), eq(seal.orgId, actor.orgId))),
  );
  return row ?? null;
}
