import { and, asc, count, desc, eq, gt, isNotNull, isNull, or, type SQL, sql } from 'drizzle-orm';
import { v7 as uuidv7 } from 'uuid';
import type { PublicAsked, PublicLot, PublicSaleFacts, PublicSort } from '@/core/yard/traits';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, inOrg, type Tx } from './db';
import { inspection, lot } from './tables/lots';
import { publishedLot } from './tables/published';
import { sale } from './tables/sales';
import { seal, shareLink } from './tables/seals';

/** What a report says of its lot on the sale's page. */
export type PublicFacts = Omit<PublicLot, 'token' | 'sha256'>;

/** The newest sealed report of a lot as text, with what a public row needs beside it; null where none was sealed. */
export async function newestSealed(db: Db, actor: Actor, lotId: string) {
  const [row] = await inOrg(db, actor, (tx) =>
    tx
      .select({ report: seal.report, sha256: seal.sha256, saleId: lot.saleId })
      .from(seal)
      .innerJoin(inspection, eq(inspection.id, seal.inspectionId))
      .innerJoin(lot, eq(lot.id, inspection.lotId))
      .where(and(eq(inspection.lotId, lotId), eq(seal.orgId, actor.orgId)))
      .orderBy(desc(inspection.revision))
      .limit(1),
  );
  return row ?? null;
}

const columnsOf = (facts: PublicFacts, sha256: string) => ({
  number: facts.number,
  title: facts.title,
  revision: facts.revision,
  sealedAt: new Date(facts.sealedAt),
  sha256,
  year: facts.year,
  gradeLow: facts.grade?.low ?? null,
  grade: facts.grade?.value ?? null,
  gradeHigh: facts.grade?.high ?? null,
  band: facts.band,
  seen: facts.seen,
  findings: facts.findings,
  picture: facts.picture,
  traits: [...facts.traits],
});

/** Puts a lot on its sale's page under a link of its own, as its newest seal tells it; as it was where it is there already. */
export async function publishLot(
  db: Db,
  actor: Actor,
  given: {
    lotId: string;
    saleId: string;
    sha256: string;
    facts: PublicFacts;
    token: string;
    tokenHash: string;
    opensAt?: Date | null;
  },
): Promise<void> {
  const { lotId, saleId, sha256, facts, token, tokenHash, opensAt = null } = given;
  await inOrg(db, actor, async (tx) => {
    await tx.execute(sql`select pg_advisory_xact_lock(hashtext(${`publish ${lotId}`}))`);
    const [held] = await tx
      .select({ open: isNull(shareLink.withdrawnAt) })
      .from(publishedLot)
      .innerJoin(shareLink, eq(shareLink.id, publishedLot.linkId))
      .where(eq(publishedLot.lotId, lotId));
    if (held?.open) return;
    const linkId = uuidv7();
    await tx.insert(shareLink).values({
      id: linkId,
      orgId: actor.orgId,
      lotId,
      tokenHash,
      label: 'Sale page',
      createdBy: actor.userId,
      opensAt,
      expiresAt: null,
    });
    const row = { lotId, orgId: actor.orgId, saleId, linkId, token, ...columnsOf(facts, sha256) };
    await tx.insert(publishedLot).values(row).onConflictDoUpdate({ target: publishedLot.lotId, set: row });
    await audit(tx, actor, 'lot-published', { lotId, detail: { revision: facts.revision } });
  });
}

/** Takes a lot off its sale's page and withdraws the link that it had there. False when it is not on it. */
export async function unpublishLot(db: Db, actor: Actor, lotId: string, at: Date): Promise<boolean> {
  return inOrg(db, actor, async (tx) => {
    const [gone] = await tx.delete(publishedLot).where(eq(publishedLot.lotId, lotId)).returning();
    if (!gone) return false;
    await tx
      .update(shareLink)
      .set({ withdrawnAt: at })
      .where(and(eq(shareLink.id, gone.linkId), isNull(shareLink.withdrawnAt)));
    await audit(tx, actor, 'lot-unpublished', { lotId });
    return true;
  });
}

/** Whether a lot stands on its sale's page. */
export async function isPublished(db: Db, actor: Actor, lotId: string): Promise<boolean> {
  const [row] = await inOrg(db, actor, (tx) =>
    tx
      .select({ n: count() })
      .from(publishedLot)
      .innerJoin(shareLink, and(eq(shareLink.id, publishedLot.linkId), isNull(shareLink.withdrawnAt)))
      .where(eq(publishedLot.lotId, lotId)),
  );
  return (row?.n ?? 0) > 0;
}

/** Brings a published lot's row up to its newest seal. */
export async function refreshPublished(
  db: Db,
  actor: Actor,
  given: { lotId: string; sha256: string; facts: PublicFacts },
): Promise<void> {
  await inOrg(db, actor, (tx) =>
    tx.update(publishedLot).set(columnsOf(given.facts, given.sha256)).where(eq(publishedLot.lotId, given.lotId)),
  );
}

/** Gives a sale its page for bidders, or takes it away. False when there is no such sale, or no page to take. */
export async function setSalePage(db: Db, actor: Actor, saleId: string, token: string | null): Promise<boolean> {
  return inOrg(db, actor, async (tx) => {
    const [row] = await tx
      .update(sale)
      .set({ pageToken: token })
      // What is shut already is not shut again.
      .where(
        and(eq(sale.id, saleId), eq(sale.orgId, actor.orgId), token === null ? isNotNull(sale.pageToken) : undefined),
      )
      .returning({ name: sale.name });
    if (!row) return false;
    await audit(tx, actor, token ? 'sale-page-opened' : 'sale-page-shut', { detail: { sale: row.name } });
    return true;
  });
}

export async function salePageOf(db: Db, actor: Actor, saleId: string): Promise<string | null> {
  const [row] = await inOrg(db, actor, (tx) =>
    tx
      .select({ token: sale.pageToken })
      .from(sale)
      .where(and(eq(sale.id, saleId), eq(sale.orgId, actor.orgId))),
  );
  return row?.token ?? null;
}

/** A sale as its page tells it to strangers. */
export interface PublicSale extends PublicSaleFacts {
  readonly orgId: string;
  readonly saleId: string;
  readonly timeZone: string;
  readonly words: 'en-GB' | 'en-US';
  readonly embargoUntil: Date | null;
}

/** The sale behind a page's address, or null. */
export async function publicSale(db: Db, token: string): Promise<PublicSale | null> {
  const [found] = await db.execute<{ org_id: string; sale_id: string }>(
    sql`select org_id, sale_id from farvin_sale_page(${token})`,
  );
  if (!found) return null;
  const [row] = await inOrg(db, { orgId: found.org_id }, (tx) =>
    tx
      .select({
        name: sale.name,
        place: sale.place,
        opensOn: sale.opensOn,
        closesOn: sale.closesOn,
        timeZone: sale.timeZone,
        words: sale.words,
        embargoUntil: sale.embargoUntil,
      })
      .from(sale)
      .where(eq(sale.id, found.sale_id)),
  );
  return row ? { orgId: found.org_id, saleId: found.sale_id, ...row } : null;
}

const ROW = {
  number: publishedLot.number,
  title: publishedLot.title,
  token: publishedLot.token,
  revision: publishedLot.revision,
  sealedAt: publishedLot.sealedAt,
  sha256: publishedLot.sha256,
  year: publishedLot.year,
  gradeLow: publishedLot.gradeLow,
  gradeValue: publishedLot.grade,
  gradeHigh: publishedLot.gradeHigh,
  band: publishedLot.band,
  seen: publishedLot.seen,
  findings: publishedLot.findings,
  picture: publishedLot.picture,
  traits: publishedLot.traits,
};

/** Each order's key, smaller first; lots with equal keys stand by number. */
const KEYS: Readonly<Record<PublicSort, SQL<number>>> = {
  number: sql<number>`${publishedLot.number}`,
  grade: sql<number>`(- coalesce(${publishedLot.grade}, -1))`,
  year: sql<number>`(coalesce(${publishedLot.year}, 9999))`,
};
const PLACE = /^(-?\d+(?:\.\d+)?)~(\d+)$/;

/**
 * What is open of a published row: its link is open and not withdrawn, its lot is in the sale and not about to be erased. Asked
 * row by row, so that a page of a large sale looks up no more than it shows; what is about to be erased is little, and is looked
 * up once.
 */
const OPEN = [
  sql`(select ${shareLink.withdrawnAt} is null and (${shareLink.opensAt} is null or ${shareLink.opensAt} <= now())
    from ${shareLink} where ${shareLink.id} = ${publishedLot.linkId})`,
  sql`(select ${lot.withdrawnAt} is null from ${lot} where ${lot.id} = ${publishedLot.lotId})`,
  sql`${publishedLot.lotId}::text not in (select d.target from deletion d where d.target is not null and d.called_off_at is null and d.done_at is null)`,
];

function asked({ search, has, lacks, from }: PublicAsked): SQL[] {
  const list = (traits: readonly string[]) =>
    sql`array[${sql.join(
      traits.map((t) => sql`${t}`),
      sql`, `,
    )}]::text[]`;
  return [
    ...search
      .split(/\s+/)
      .filter(Boolean)
      .map(
        (w) =>
          sql`(${publishedLot.number} || ' ' || ${publishedLot.title}) ilike ${`%${w.replaceAll(/[\\%_]/g, '\\$&')}%`}`,
      ),
    ...(has.length > 0 ? [sql`${publishedLot.traits} @> ${list(has)}`] : []),
    ...(lacks.length > 0 ? [sql`not (${publishedLot.traits} && ${list(lacks)})`] : []),
    ...(from !== null ? [sql`${publishedLot.grade} >= ${from}`] : []),
  ];
}

const lotsOf = (tx: Tx) => tx.select(ROW).from(publishedLot);

/** So far lots are counted that answer; of more it is said that there are more. */
const MOST_COUNTED = 500;

/** A page of a sale's published lots, how many answer (counted as far as MOST_COUNTED and one), and where the next page begins. */
export async function publicLots(
  db: Db,
  { orgId, saleId }: Pick<PublicSale, 'orgId' | 'saleId'>,
  query: PublicAsked,
  limit: number,
): Promise<{ lots: PublicLot[]; count: number; counted: number; next: string | null }> {
  const key = KEYS[query.sort];
  const at = query.after ? PLACE.exec(query.after) : null;
  const after = at
    ? [or(gt(key, Number(at[1])), and(eq(key, Number(at[1])), gt(publishedLot.number, Number(at[2]))))]
    : [];
  const wanted = and(eq(publishedLot.saleId, saleId), ...OPEN, ...asked(query));
  return inOrg(db, { orgId }, async (tx) => {
    // Read off its index in order: where the database knows nothing yet of a sale just put on, it would sort all of its lots.
    await tx.execute(sql`select set_config('enable_sort', 'off', true), set_config('enable_bitmapscan', 'off', true)`);
    const rows = await lotsOf(tx)
      .where(and(wanted, ...after))
      .orderBy(asc(key), asc(publishedLot.number))
      .limit(limit + 1);
    const answering = tx
      .select({ one: sql`1`.as('one') })
      .from(publishedLot)
      .where(wanted)
      .limit(MOST_COUNTED + 1)
      .as('answering');
    const [all] = await tx.select({ n: count() }).from(answering);
    const lots = rows.slice(0, limit).map(asLot);
    const last = rows[limit - 1];
    const keyOf = (r: (typeof rows)[number]) =>
      ({ number: r.number, grade: -(r.gradeValue ?? -1), year: r.year ?? 9999 })[query.sort];
    return {
      lots,
      count: all?.n ?? 0,
      counted: MOST_COUNTED,
      next: rows.length > limit && last ? `${keyOf(last)}~${last.number}` : null,
    };
  });
}

function asLot({
  gradeLow,
  gradeValue,
  gradeHigh,
  sealedAt,
  ...row
}: Awaited<ReturnType<typeof lotsOf>>[number]): PublicLot {
  return {
    ...row,
    sealedAt: sealedAt.toISOString(),
    grade:
      gradeLow === null || gradeValue === null || gradeHigh === null
        ? null
        : { low: gradeLow, value: gradeValue, high: gradeHigh },
  };
}
