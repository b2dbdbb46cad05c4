import { count, desc, eq, inArray, sql, sum } from 'drizzle-orm';
import type { Actor } from './actor';
import { type Db, inOrg } from './db';
import { backupRun } from './tables/house';
import { photoFile } from './tables/pictures';
import { record } from './tables/records';

export type BackupRun = typeof backupRun.$inferSelect;

/** The latest backups and proofs of this server, newest first. */
export async function backupRuns(db: Db, limit = 10): Promise<BackupRun[]> {
  return db.select().from(backupRun).orderBy(desc(backupRun.id)).limit(limit);
}

/** Asks for a backup of the server. False while one is asked for or being made. */
export async function askBackup(db: Db, by: string): Promise<boolean> {
  return db.transaction(async (tx) => {
    await tx.execute(sql`select pg_advisory_xact_lock(7245003)`);
    const [open] = await tx
      .select({ n: count() })
      .from(backupRun)
      .where(inArray(backupRun.state, ['asked', 'making']));
    if (open!.n > 0) return false;
    await tx.execute(sql`insert into backup_run (what, asked_by) values ('backup', ${by})`);
    return true;
  });
}

/** What a house keeps on this server. */
export interface StorageUsed {
  readonly pictures: number;
  readonly pictureBytes: number;
  readonly records: number;
}

/** What the actor's house keeps here; copies of pictures in other sizes come on top. */
export async function storageUsed(db: Db, actor: Actor): Promise<StorageUsed> {
  return inOrg(db, actor, async (tx) => {
    const [pictures] = await tx
      .select({ n: count(), bytes: sum(photoFile.bytes).mapWith(Number) })
      .from(photoFile)
      .where(eq(photoFile.orgId, actor.orgId));
    const [records] = await tx.select({ n: count() }).from(record).where(eq(record.orgId, actor.orgId));
    return { pictures: pictures!.n, pictureBytes: pictures!.bytes ?? 0, records: records!.n };
  });
}
