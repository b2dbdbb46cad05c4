import { and, desc, eq, gte, inArray, sql } from 'drizzle-orm';
import { v7 as uuidv7 } from 'uuid';
import type { Actor } from './actor';
import { type Db, inOrg } from './db';
import { type ExportWhat, exportJob } from './tables/farvin';

export type ExportJob = typeof exportJob.$inferSelect;

/** A job that has not moved for so long was left by a server that ended. */
export const LEFT_AFTER_MS = 90_000;

const own = (actor: Actor, id: string) => and(eq(exportJob.id, id), eq(exportJob.orgId, actor.orgId));

/** Notes a new export of an inspection; its id names the file. */
export async function addExportJob(db: Db, actor: Actor, inspectionId: string, what: ExportWhat): Promise<string> {
  const id = uuidv7();
  await inOrg(db, actor, (tx) =>
    tx.insert(exportJob).values({ id, orgId: actor.orgId, inspectionId, what, createdBy: actor.userId }),
  );
  return id;
}

export async function exportJobOf(db: Db, actor: Actor, id: string): Promise<ExportJob | null> {
  const [row] = await inOrg(db, actor, (tx) => tx.select().from(exportJob).where(own(actor, id)));
  return row ?? null;
}

/** Exports of an inspection, newest first; one that was left standing reads as failed. */
export async function exportJobsOf(db: Db, actor: Actor, inspectionId: string, now: Date): Promise<ExportJob[]> {
  const rows = await inOrg(db, actor, (tx) =>
    tx
      .select()
      .from(exportJob)
      .where(and(eq(exportJob.inspectionId, inspectionId), eq(exportJob.orgId, actor.orgId)))
      .orderBy(desc(exportJob.createdAt))
      .limit(20),
  );
  return rows.map((r) =>
    r.state === 'making' && now.getTime() - r.movedAt.getTime() > LEFT_AFTER_MS
      ? { ...r, state: 'failed' as const, message: 'The server ended while it was made. Make it again.' }
      : r,
  );
}

/** Moves a job on. False when it is no longer being made: somebody cancelled it. */
export async function moveExportJob(
  db: Db,
  actor: Actor,
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
  const [row] = await inOrg(db, actor, (tx) => tx.delete(exportJob).where(own(actor, id)).returning());
  return row ?? null;
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
