import { and, desc, eq, gt, isNull, or, sql } from 'drizzle-orm';
import { v7 as uuidv7 } from 'uuid';
import type { SaleFacts } from '@/core/yard/sale-facts';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, inOrg, within } from './db';
import { inspection, lot } from './tables/lots';
import { sale } from './tables/sales';
import { seal, shareLink } from './tables/seals';

/** The links of a lot, newest first; never their tokens. */
export async function linksOf(db: Db, actor: Actor, lotId: string) {
  return inOrg(db, actor, (tx) =>
    tx
      .select({
        id: shareLink.id,
        label: shareLink.label,
        createdAt: shareLink.createdAt,
        opensAt: shareLink.opensAt,
        expiresAt: shareLink.expiresAt,
        withdrawnAt: shareLink.withdrawnAt,
        // Counts, once an hour for each address; who it was is nobody's to read here.
        opened: sql<number>`(select count(*)::int from audit_event a where a.what = 'link-opened'
          and a.lot_id = "share_link"."lot_id" and a.detail->>'link' = "share_link"."id"::text)`,
        openedLast: sql<string | null>`(select max(a.at)::text from audit_event a where a.what = 'link-opened'
          and a.lot_id = "share_link"."lot_id" and a.detail->>'link' = "share_link"."id"::text)`,
      })
      .from(shareLink)
      .where(and(eq(shareLink.orgId, actor.orgId), eq(shareLink.lotId, lotId)))
      .orderBy(desc(shareLink.createdAt)),
  );
}

export async function addLink(
  db: Db,
  actor: Actor,
  given: { lotId: string; tokenHash: string; label: string; expiresAt: Date | null; opensAt?: Date | null },
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

/** A link that is neither expired nor withdrawn, of a lot that is in its sale, with the seals behind it, newest first. */
export interface OpenLink {
  readonly id: string;
  readonly orgId: string;
  readonly lotId: string;
  /** How the sale speaks to a reader who chose nothing. */
  readonly speech: {
    readonly words: SaleFacts['words'];
    readonly unit: SaleFacts['units'];
    readonly kerb: SaleFacts['kerb'];
  };
  /** Until then it opens nothing; null where nothing holds it back. */
  readonly opensAt: Date | null;
  readonly revisions: readonly { inspectionId: string; revision: number; sealedAt: Date; sha256: string }[];
}

/** The one read without an actor: what a link's token opens, or null. */
export async function openLink(db: Db, tokenHash: string, now: Date): Promise<OpenLink | null> {
  const [link] = await within(db, 'farvin.link', tokenHash, (tx) =>
    tx
      .select({ id: shareLink.id, orgId: shareLink.orgId, lotId: shareLink.lotId, from: shareLink.opensAt })
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
  const { from, ...named } = link;
  const held = await saleBehind(db, link);
  if (!held || held.withdrawnAt || held.erasing) return null;
  const { speech } = held;
  // The sale's embargo and the link's own: the later one holds.
  const opensAt = [held.embargoUntil, from].reduce<Date | null>(
    (late, at) => (at && at > now && !(late && late > at) ? at : late),
    null,
  );
  if (opensAt) return { ...named, speech, opensAt, revisions: [] };
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
  return { ...named, speech, opensAt, revisions };
}

/** Why a link that was once made opens nothing any more; null for one that never was, or that opens. */
export async function linkEnded(db: Db, tokenHash: string, now: Date): Promise<LinkEnded | null> {
  const [link] = await within(db, 'farvin.link', tokenHash, (tx) =>
    tx
      .select({ withdrawnAt: shareLink.withdrawnAt, expiresAt: shareLink.expiresAt })
      .from(shareLink)
      .where(eq(shareLink.tokenHash, tokenHash)),
  );
  if (link?.withdrawnAt) return { how: 'withdrawn', at: link.withdrawnAt };
  if (link?.expiresAt && link.expiresAt <= now) return { how: 'expired', at: link.expiresAt };
  return null;
}
export interface LinkEnded {
  readonly how: 'withdrawn' | 'expired';
  readonly at: Date;
}

/** What of a link's lot and sale decides whether it opens, and how it speaks. */
async function saleBehind(db: Db, link: { readonly orgId: string; readonly lotId: string }) {
  const [row] = await inOrg(db, { orgId: link.orgId }, (tx) =>
    tx
      .select({
        withdrawnAt: lot.withdrawnAt,
        embargoUntil: sale.embargoUntil,
        // What is going to be erased is handed out no more, by whichever link.
        erasing: sql<boolean>`exists (select 1 from deletion d where d.target in (${lot.id}::text, ${sale.id}::text)
          and d.called_off_at is null and d.done_at is null)`,
        speech: { words: sale.words, unit: sale.units, kerb: sale.kerb },
      })
      .from(lot)
      .innerJoin(sale, eq(sale.id, lot.saleId))
      .where(eq(lot.id, link.lotId)),
  );
  return row;
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
