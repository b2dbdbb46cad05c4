import { and, desc, eq, gt, isNull, lt, or, sql } from 'drizzle-orm';
import { v7 as uuidv7 } from 'uuid';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, inOrg, type Tx, within } from './db';
import { LIVE_CHANNEL } from './live-channel';
import { presentSealKey } from './seal-keys';
import { inspection, organisation, record, seal, shareLink } from './tables/farvin';

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
      .select({ publishesPlaces: organisation.publishesPlaces })
      .from(organisation)
      .where(eq(organisation.id, actor.orgId));
    return { key, previous, publishesPlaces: house?.publishesPlaces ?? false };
  });
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
      .set({ state })
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
  await inOrg(db, actor, async (tx) => {
    await tx.insert(shareLink).values({ id, orgId: actor.orgId, createdBy: actor.userId, ...given });
    await audit(tx, actor, 'link-made', {
      lotId: given.lotId,
      detail: { link: id, label: given.label, until: given.expiresAt?.toISOString() ?? null },
    });
  });
  return id;
}

export async function withdrawLink(db: Db, actor: Actor, id: string, at: Date): Promise<boolean> {
  return inOrg(db, actor, async (tx) => {
    const [row] = await tx
      .update(shareLink)
      .set({ withdrawnAt: at })
      .where(and(eq(shareLink.id, id), eq(shareLink.orgId, actor.orgId), isNull(shareLink.withdrawnAt)))
      .returning({ lotId: shareLink.lotId, label: shareLink.label });
    if (!row) return false;
    await audit(tx, actor, 'link-withdrawn', { lotId: row.lotId, detail: { link: id, label: row.label } });
    return true;
  });
}

/** A link that is neither expired nor withdrawn, with the seals behind it, newest first. */
export interface OpenLink {
  readonly id: string;
  readonly orgId: string;
  readonly lotId: string;
  readonly revisions: readonly { inspectionId: string; revision: number; sealedAt: Date; sha256: string }[];
}

/** The one read without an actor: what a link's token opens, or null. */
export async function openLink(db: Db, tokenHash: string, now: Date): Promise<OpenLink | null> {
  const [link] = await within(db, 'farvin.link', tokenHash, (tx) =>
    tx
      .select({ id: shareLink.id, orgId: shareLink.orgId, lotId: shareLink.lotId })
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
  const revisions = await inOrg(db, { orgId: link.orgId }, (tx) =>
    tx
      .select({
        inspectionId: seal.inspectionId,
        revision: inspection.revision,
        sealedAt: seal.sealedAt,
        sha256: seal.sha256,
      })
      .from(seal)
      .innerJoin(inspection, eq(inspection.id, seal.inspectionId))
      .where(and(eq(inspection.lotId, link.lotId), eq(seal.orgId, link.orgId)))
      .orderBy(desc(inspection.revision)),
  );
  return { ...link, revisions };
}

/** The text of one sealed report behind an open link. */
export async function linkedReport(db: Db, link: OpenLink, inspectionId: string): Promise<string | null> {
  if (!link.revisions.some((r) => r.inspectionId === inspectionId)) return null;
  const [row] = await inOrg(db, { orgId: link.orgId }, (tx) =>
    tx.select({ report: seal.report }).from(seal).where(eq(seal.inspectionId, inspectionId)),
  );
  return row?.report ?? null;
}

/** Writes down that a link was opened, and from which address. */
export async function noteLinkOpened(db: Db, link: OpenLink, address: string): Promise<void> {
  await inOrg(db, { orgId: link.orgId }, (tx) =>
    audit(tx, { orgId: link.orgId }, 'link-opened', { lotId: link.lotId, detail: { link: link.id, address } }),
  );
}
