import { and, eq, inArray, sum } from 'drizzle-orm';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, type House, inOrg } from './db';
import { photoFile, photoOrigin } from './tables/pictures';

export type PhotoFile = typeof photoFile.$inferSelect;

/** What is known of a stored picture of the actor's organisation, or null. */
export async function photoFileOf(db: Db, actor: House, sha256: string): Promise<PhotoFile | null> {
  const [row] = await inOrg(db, actor, (tx) =>
    tx
      .select()
      .from(photoFile)
      .where(and(eq(photoFile.orgId, actor.orgId), eq(photoFile.sha256, sha256))),
  );
  return row ?? null;
}

/** The stored picture that a file became, by the hash of the file as it came from the device, or null. */
export async function photoOfOrigin(db: Db, actor: Actor, originSha256: string): Promise<PhotoFile | null> {
  const [row] = await inOrg(db, actor, (tx) =>
    tx
      .select({ file: photoFile })
      .from(photoOrigin)
      .innerJoin(photoFile, and(eq(photoFile.orgId, photoOrigin.orgId), eq(photoFile.sha256, photoOrigin.sha256)))
      .where(and(eq(photoOrigin.orgId, actor.orgId), eq(photoOrigin.originSha256, originSha256))),
  );
  return row?.file ?? null;
}

/** Notes a stored picture and the file it came from; the same picture twice is one row. */
export async function notePhotoFile(
  db: Db,
  actor: Actor,
  row: Omit<PhotoFile, 'orgId' | 'addedBy' | 'addedAt'>,
  originSha256: string,
): Promise<void> {
  await inOrg(db, actor, async (tx) => {
    const fresh = await tx
      .insert(photoFile)
      .values({ ...row, orgId: actor.orgId, addedBy: actor.userId })
      .onConflictDoNothing()
      .returning({ sha256: photoFile.sha256 });
    if (fresh.length > 0) await audit(tx, actor, 'picture-added', { detail: { sha256: row.sha256, bytes: row.bytes } });
    await tx.insert(photoOrigin).values({ orgId: actor.orgId, originSha256, sha256: row.sha256 }).onConflictDoNothing();
  });
}

/** Which of these pictures the organisation has, by SHA-256. */
export async function photosPresent(db: Db, actor: Actor, shas: readonly string[]): Promise<string[]> {
  if (shas.length === 0) return [];
  const rows = await inOrg(db, actor, (tx) =>
    tx
      .select({ sha: photoFile.sha256 })
      .from(photoFile)
      .where(and(eq(photoFile.orgId, actor.orgId), inArray(photoFile.sha256, [...shas]))),
  );
  return rows.map((r) => r.sha);
}

/** Bytes of all pictures that the organisation keeps. */
export async function organisationBytes(db: Db, actor: Actor): Promise<number> {
  const [row] = await inOrg(db, actor, (tx) =>
    tx
      .select({ bytes: sum(photoFile.bytes).mapWith(Number) })
      .from(photoFile)
      .where(eq(photoFile.orgId, actor.orgId)),
  );
  return row?.bytes ?? 0;
}
