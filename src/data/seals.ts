import { and, desc, eq, gt, inArray, isNull, lt, or, sql } from 'drizzle-orm';
import { v7 as uuidv7 } from 'uuid';
import type { Actor } from './actor';
import { type Db, inOrg, within } from './db';
import { LIVE_CHANNEL } from './live-channel';
import { inspection, organisation, record, seal, shareLink } from './tables/farvin';

/** The organisation's signing key. */
export async function sealKeys(db: Db, actor: Actor): Promise<{ secret: string; public: string }> {
  const [row] = await inOrg(db, actor, (tx) =>
    tx
      .select({ secret: organisation.sealSecret, public: organisation.sealPublic })
      .from(organisation)
      .where(eq(organisation.id, actor.orgId)),
  );
  if (!row) throw new Error('the actor’s organisation is gone');
  return row;
}

export type KeepSeal = { ok: true } | { ok: false; reason: 'not-found' | 'already-sealed' | 'changed-meanwhile' };

/** Closes an inspection with its sealed report, unless it changed since the report was computed. */
export async function keepSeal(
  db: Db,
  actor: Actor,
  inspectionId: string,
  atCount: number,
  sealed: { sealedAt: Date; sealedBy: string; sha256: string; report: string },
): Promise<KeepSeal> {
  return inOrg(db, actor, async (tx) => {
    const [head] = await tx
      .select()
      .from(inspection)
      .where(and(eq(inspection.id, inspectionId), eq(inspection.orgId, actor.orgId)))
      .for('update');
    if (!head) return { ok: false, reason: 'not-found' };
    if (head.state === 'sealed') return { ok: false, reason: 'already-sealed' };
    if (head.changeCount !== atCount) return { ok: false, reason: 'changed-meanwhile' };
    await tx.insert(seal).values({ inspectionId, orgId: actor.orgId, ...sealed });
    await tx.update(inspection).set({ state: 'sealed' }).where(eq(inspection.id, inspectionId));
    await tx.execute(sql`select pg_notify(${LIVE_CHANNEL}, ${inspectionId})`);
    return { ok: true };
  });
}

/** Moves an open inspection between draft and reviewed. */
export async function setState(
  db: Db,
  actor: Actor,
  inspectionId: string,
  state: 'draft' | 'reviewed',
): Promise<boolean> {
  const rows = await inOrg(db, actor, (tx) =>
    tx
      .update(inspection)
      .set({ state })
      .where(
        and(
          eq(inspection.id, inspectionId),
          eq(inspection.orgId, actor.orgId),
          or(eq(inspection.state, 'draft'), eq(inspection.state, 'reviewed')),
        ),
      )
      .returning({ id: inspection.id }),
  );
  return rows.length > 0;
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
      .returning({ id: inspection.id });
    if (rows.length > 0) await tx.execute(sql`select pg_notify(${LIVE_CHANNEL}, ${inspectionId})`);
    return rows.length > 0;
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

/** The links of a lot, newest first; never their tokens. */
export async function linksOf(db: Db, actor: Actor, lotId: string) {
  return inOrg(db, actor, (tx) =>
    tx
      .select({
        id: shareLink.id,
        label: shareLink.label,
        createdAt: shareLink.createdAt,
        expiresAt: shareLink.expiresAt,
        withdrawnAt: shareLink.withdrawnAt,
      })
      .from(shareLink)
      .where(and(eq(shareLink.orgId, actor.orgId), eq(shareLink.lotId, lotId)))
      .orderBy(desc(shareLink.createdAt)),
  );
}

export async function addLink(
  db: Db,
  actor: Actor,
  given: { lotId: string; tokenHash: string; label: string; expiresAt: Date | null },
): Promise<string> {
  const id = uuidv7();
  await inOrg(db, actor, (tx) =>
    tx.insert(shareLink).values({ id, orgId: actor.orgId, createdBy: actor.userId, ...given }),
  );
  return id;
}

export async function withdrawLink(db: Db, actor: Actor, id: string, at: Date): Promise<boolean> {
  const rows = await inOrg(db, actor, (tx) =>
    tx
      .update(shareLink)
      .set({ withdrawnAt: at })
      .where(and(eq(shareLink.id, id), eq(shareLink.orgId, actor.orgId), isNull(shareLink.withdrawnAt)))
      .returning({ id: shareLink.id }),
  );
  return rows.length > 0;
}

/**
 * The one read without an actor: what is sealed behind a link that is neither expired nor withdrawn, newest first; the
 * texts of the revision asked for (else the newest) and of the one before it.
 */
export async function publicReport(
  db: Db,
  tokenHash: string,
  now: Date,
  wanted: number | null = null,
): Promise<{
  orgId: string;
  report: string;
  before: string | null;
  revisions: { revision: number; sealedAt: Date; sha256: string }[];
} | null> {
  const [link] = await within(db, 'farvin.link', tokenHash, (tx) =>
    tx
      .select({ orgId: shareLink.orgId, lotId: shareLink.lotId })
      .from(shareLink)
      .where(
        and(
          eq(shareLink.tokenHash, tokenHash),
          isNull(shareLink.withdrawnAt),
          or(isNull(shareLink.expiresAt), gt(shareLink.expiresAt, now)),
        ),
      ),
  );
  if (!link) return null;
  const rows = await inOrg(db, link, (tx) =>
    tx
      .select({ id: seal.inspectionId, revision: inspection.revision, sealedAt: seal.sealedAt, sha256: seal.sha256 })
      .from(seal)
      .innerJoin(inspection, eq(inspection.id, seal.inspectionId))
      .where(and(eq(inspection.lotId, link.lotId), eq(seal.orgId, link.orgId)))
      .orderBy(desc(inspection.revision)),
  );
  const at = wanted === null ? 0 : rows.findIndex((r) => r.revision === wanted);
  const ids = rows.slice(at, at + 2).map((r) => r.id);
  if (at < 0 || ids.length === 0) return null;
  const texts = await inOrg(db, link, (tx) =>
    tx.select({ id: seal.inspectionId, report: seal.report }).from(seal).where(inArray(seal.inspectionId, ids)),
  );
  const textOf = (id: string | undefined) => texts.find((t) => t.id === id)?.report ?? null;
  return {
    orgId: link.orgId,
    report: textOf(ids[0])!,
    before: textOf(ids[1]),
    revisions: rows.map(({ id: _id, ...r }) => r),
  };
}
