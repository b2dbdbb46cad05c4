import { and, desc, eq, gte, inArray, sql } from 'drizzle-orm';
import { v7 as uuidv7 } from 'uuid';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, type House, inOrg } from './db';
import { type ExportWhat, exportJob } from './tables/export-jobs';

export type ExportJob = typeof exportJob.$inferSelect;

/** A job that has not moved for so long was left by a server that ended. */
export const LEFT_AFTER_MS = 90_000;

const own = (actor: House, id: string) => and(eq(exportJob.id, id), eq(exportJob.orgId, actor.orgId));

export interface ExportBounds {
  readonly perPerson: number;
  readonly perHouse: number;
}

/**
 * Notes a new export of an inspection; its id names the file. Null when the person or the house has as many under way as
 * it may.
 */
export async function addExportJob(
  db: Db,
  actor: Actor,
  inspectionId: string,
  what: ExportWhat,
  bounds: ExportBounds = { perPerson: Number.POSITIVE_INFINITY, perHouse: Number.POSITIVE_INFINITY },
): Promise<string | null> {
  const id = uuidv7();
  return inOrg(db, actor, async (tx) => {
    // One after the other, so that the count holds.
    await tx.execute(sql`select pg_advisory_xact_lock(hashtext(${`export ${actor.orgId}`}))`);
    const making = await tx
      .select({ by: exportJob.createdBy })
      .from(exportJob)
      .where(and(eq(exportJob.orgId, actor.orgId), eq(exportJob.state, 'making')));
    const mine = making.filter((j) => j.by === actor.userId).length;
    if (making.length >= bounds.perHouse || mine >= bounds.perPerson) return null;
    await tx.insert(exportJob).values({ id, orgId: actor.orgId, inspectionId, what, createdBy: actor.userId });
    await audit(tx, actor, 'export-begun', { inspectionId, detail: { export: id, what } });
    return id;
  });
}

/** Takes the next export of any house for this server to make; houses served longest ago come first. */
export async function nextExport(
  db: Db,
  server: string,
  served: readonly string[],
): Promise<{ id: string; orgId: string; userId: string } | null> {
  const list =
    served.length === 0
      ? sql`array[]::uuid[]`
      : sql`array[${sql.join(
          served.map((s) => sql`${s}::uuid`),
          sql`, `,
        )}]`;
  const [row] = await db.execute<{ id: string; org_id: string; user_id: string }>(
    sql`select * from farvin_next_export(${server}, ${list}, make_interval(secs => ${LEFT_AFTER_MS / 1000}::float8))`,
  );
  return row ? { id: row.id, orgId: row.org_id, userId: row.user_id } : null;
}

/** Takes the rows of exports out that are older than so many days, and names them. */
export async function expireExports(db: Db, days: number): Promise<{ id: string; orgId: string }[]> {
  const rows = await db.execute<{ id: string; org_id: string }>(
    sql`select * from farvin_expired_exports(${days}::int)`,
  );
  return rows.map((r) => ({ id: r.id, orgId: r.org_id }));
}

export async function exportJobOf(db: Db, actor: Actor, id: string): Promise<ExportJob | null> {
  const [row] = await inOrg(db, actor, (tx) => tx.select().from(exportJob).where(own(actor, id)));
  return row ?? null;
}

/** Exports of an inspection, newest first. One that a server left standing is taken up again by itself. */
export async function exportJobsOf(db: Db, actor: Actor, inspectionId: string): Promise<ExportJob[]> {
  return inOrg(db, actor, (tx) =>
    tx
      .select()
      .from(exportJob)
      .where(and(eq(exportJob.inspectionId, inspectionId), eq(exportJob.orgId, actor.orgId)))
      .orderBy(desc(exportJob.createdAt))
      .limit(20),
  );
}

/** Moves a job on. False when it is no longer being made: somebody cancelled it. */
export async function moveExportJob(
  db: Db,
  actor: House,
  id: string,
  change: Partial<Pick<ExportJob, 'state' | 'done' | 'total' | 'bytes' | 'message'>>,
): Promise<boolean> {
  const rows = await inOrg(db, actor, (tx) =>
    tx
      .update(exportJob)
      .set({ ...change, movedAt: sql`now()` })
      .where(and(own(actor, id), inArray(exportJob.state, ['making'])))
      .returning({ id: exportJob.id }),
  );
  return rows.length > 0;
}

export async function removeExportJob(db: Db, actor: Actor, id: string): Promise<ExportJob | null> {
  return inOrg(db, actor, async (tx) => {
    const [row] = await tx.delete(exportJob).where(own(actor, id)).returning();
    if (row) await audit(tx, actor, 'export-removed', { inspectionId: row.inspectionId, detail: { export: id } });
    return row ?? null;
  });
}

/** The newest finished export of that form begun after a moment (that of sealing), for the bidder's page. */
export async function readyExport(
  db: Db,
  orgId: string,
  inspectionId: string,
  what: ExportWhat,
  since: Date,
): Promise<ExportJob | null> {
  const [row] = await inOrg(db, { orgId }, (tx) =>
    tx
      .select()
      .from(exportJob)
      .where(
        and(
          eq(exportJob.orgId, orgId),
          eq(exportJob.inspectionId, inspectionId),
          eq(exportJob.what, what),
          eq(exportJob.state, 'ready'),
          gte(exportJob.createdAt, since),
        ),
      )
      .orderBy(desc(exportJob.createdAt))
      .limit(1),
  );
  return row ?? null;
}
