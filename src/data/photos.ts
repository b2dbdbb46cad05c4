import { and, eq } from 'drizzle-orm';
import type { Actor } from './actor';
import { type Db, inOrg } from './db';
import { photoFile } from './tables/farvin';

export type PhotoFile = typeof photoFile.$inferSelect;

/** What is known of a stored picture of the actor's organisation, or null. */
export async function photoFileOf(db: Db, actor: Actor, sha256: string): Promise<PhotoFile | null> {
  const [row] = await inOrg(db, actor, (tx) =>
    tx
      .select()
      .from(photoFile)
      .where(and(eq(photoFile.orgId, actor.orgId), eq(photoFile.sha256, sha256))),
  );
  return row ?? null;
}

/** Notes a stored picture; the same picture twice is one row. */
export async function notePhotoFile(db: Db, actor: Actor, row: Omit<PhotoFile, 'orgId'>): Promise<void> {
  await inOrg(db, actor, (tx) =>
    tx
      .insert(photoFile)
      .values({ ...row, orgId: actor.orgId })
      .onConflictDoNothing(),
  );
}
