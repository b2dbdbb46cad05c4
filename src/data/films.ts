import { and, eq, inArray, sum } from 'drizzle-orm';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, type House, inOrg, type Tx } from './db';
import { filmFile } from './tables/films';

export type FilmFile = typeof filmFile.$inferSelect;

/** What is known of a kept film of the actor's house, or null. */
export async function filmFileOf(db: Db, actor: House, sha256: string): Promise<FilmFile | null> {
  const [row] = await inOrg(db, actor, (tx) =>
    tx
      .select()
      .from(filmFile)
      .where(and(eq(filmFile.orgId, actor.orgId), eq(filmFile.sha256, sha256))),
  );
  return row ?? null;
}

/** The kept film that a file became, by the hash of the file as the device had it, or null. */
export async function filmOfOrigin(db: Db, actor: Actor, originSha256: string): Promise<FilmFile | null> {
  const [row] = await inOrg(db, actor, (tx) =>
    tx
      .select()
      .from(filmFile)
      .where(and(eq(filmFile.orgId, actor.orgId), eq(filmFile.originSha256, originSha256))),
  );
  return row ?? null;
}

/** Notes a kept film; the same film twice is one row. */
export async function noteFilmFile(
  db: Db,
  actor: Actor,
  row: Omit<FilmFile, 'orgId' | 'addedBy' | 'addedAt'>,
): Promise<void> {
  await inOrg(db, actor, async (tx) => {
    const fresh = await tx
      .insert(filmFile)
      .values({ ...row, orgId: actor.orgId, addedBy: actor.userId })
      .onConflictDoNothing()
      .returning({ sha256: filmFile.sha256 });
    if (fresh.length > 0) await audit(tx, actor, 'film-added', { detail: { sha256: row.sha256, bytes: row.bytes } });
  });
}

/** Bytes of all films that the house keeps. */
export async function filmBytes(db: Db, actor: Actor): Promise<number> {
  const [row] = await inOrg(db, actor, (tx) =>
    tx
      .select({ bytes: sum(filmFile.bytes).mapWith(Number) })
      .from(filmFile)
      .where(eq(filmFile.orgId, actor.orgId)),
  );
  return row?.bytes ?? 0;
}

/** Takes films out of a house. Returns those that no house has any more, with their sizes: their files are to be removed. */
export async function dropFilms(
  tx: Tx,
  orgId: string,
  shas: readonly string[],
): Promise<{ sha256: string; bytes: number; partBytes: number }[]> {
  if (shas.length === 0) return [];
  const gone = await tx
    .delete(filmFile)
    .where(and(eq(filmFile.orgId, orgId), inArray(filmFile.sha256, [...shas])))
    .returning({ sha256: filmFile.sha256, bytes: filmFile.bytes, partBytes: filmFile.partBytes });
  const others = await tx
    .select({ sha: filmFile.sha256 })
    .from(filmFile)
    .where(inArray(filmFile.sha256, [...shas]));
  const kept = new Set(others.map((o) => o.sha));
  return gone.filter((f) => !kept.has(f.sha256));
}
