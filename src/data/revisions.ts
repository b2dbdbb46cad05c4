import { and, desc, eq, gt, or, sql } from 'drizzle-orm';
import { v7 as uuidv7 } from 'uuid';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, inOrg } from './db';
import { LIVE_CHANNEL } from './live-channel';
import { inspection } from './tables/lots';
import { record } from './tables/records';

/** Moves an open inspection between draft and reviewed. */
export async function setState(
  db: Db,
  actor: Actor,
  inspectionId: string,
  state: 'draft' | 'reviewed',
): Promise<boolean> {
  return inOrg(db, actor, async (tx) => {
    const [row] = await tx
      .update(inspection)
      .set(
        state === 'reviewed'
          ? { state, reviewedBy: actor.userId, reviewedCount: sql`${inspection.changeCount}` }
          : { state, reviewedBy: null, reviewedCount: null },
      )
      .where(
        and(
          eq(inspection.id, inspectionId),
          eq(inspection.orgId, actor.orgId),
          or(eq(inspection.state, 'draft'), eq(inspection.state, 'reviewed')),
        ),
      )
      .returning({ lotId: inspection.lotId });
    if (!row) return false;
    await audit(tx, actor, state === 'reviewed' ? 'reviewed' : 'drafted', { lotId: row.lotId, inspectionId });
    return true;
  });
}

/**
 * Opens the next revision of a sealed inspection as a copy of its records, whose log goes on where the old one ended;
 * null when it is not sealed or not the newest.
 */
export async function startRevision(
  db: Db,
  actor: Actor,
  inspectionId: string,
  reason: string,
): Promise<string | null> {
  return inOrg(db, actor, async (tx) => {
    const [old] = await tx
      .select()
      .from(inspection)
      .where(and(eq(inspection.id, inspectionId), eq(inspection.orgId, actor.orgId)))
      .for('update');
    if (old?.state !== 'sealed') return null;
    const all = await tx
      .select({ revision: inspection.revision, state: inspection.state })
      .from(inspection)
      .where(eq(inspection.lotId, old.lotId))
      .orderBy(desc(inspection.revision));
    const newest = all.find((r) => r.state !== 'given-up');
    if (newest!.revision !== old.revision) return null;
    const id = uuidv7();
    await tx.insert(inspection).values({
      id,
      orgId: actor.orgId,
      lotId: old.lotId,
      // Numbers of revisions that were given up are not used again.
      revision: all[0]!.revision + 1,
      logBase: old.logHead,
      logHead: old.logHead,
      revisionReason: reason,
    });
    const rows = await tx.select().from(record).where(eq(record.inspectionId, inspectionId));
    for (let i = 0; i < rows.length; i += 1000)
      await tx.insert(record).values(rows.slice(i, i + 1000).map((r) => ({ ...r, inspectionId: id })));
    await audit(tx, actor, 'revision-begun', { lotId: old.lotId, inspectionId: id, detail: { reason } });
    return id;
  });
}

/** Gives up a revision that is not sealed: the one before it stands again, and what was entered stays in the log. */
export async function giveUpRevision(db: Db, actor: Actor, inspectionId: string): Promise<boolean> {
  return inOrg(db, actor, async (tx) => {
    const rows = await tx
      .update(inspection)
      .set({ state: 'given-up' })
      .where(
        and(
          eq(inspection.id, inspectionId),
          eq(inspection.orgId, actor.orgId),
          gt(inspection.revision, 1),
          or(eq(inspection.state, 'draft'), eq(inspection.state, 'reviewed')),
        ),
      )
      .returning({ lotId: inspection.lotId });
    if (!rows[0]) return false;
    await audit(tx, actor, 'revision-given-up', { lotId: rows[0].lotId, inspectionId });
    await tx.execute(sql`select pg_notify(${LIVE_CHANNEL}, ${inspectionId})`);
    return true;
  });
}
