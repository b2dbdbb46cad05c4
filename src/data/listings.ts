import { and, asc, eq, isNull, sql } from 'drizzle-orm';
import type { Listing } from '@/core/listing/doc';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, inOrg } from './db';
import { listing } from './tables/listing';
import { lot } from './tables/lots';

/** A listing as it was kept, and what it would be held against now. */
export type KeptListing = typeof listing.$inferSelect & { readonly now: string };

/**
 * What a lot's listing is held against, by name: its newest sealed report, else the records of its inspection after so many changes.
 * Another name means that what the listing says has to be looked at once more.
 */
const NOW = sql<string>`coalesce(
  (select 'report ' || s.sha256 from seal s join inspection i on i.id = s.inspection_id
    where i.lot_id = "lot"."id" order by i.revision desc limit 1),
  (select 'records ' || i.id || ' ' || i.change_count from inspection i
    where i.lot_id = "lot"."id" order by i.revision desc limit 1),
  '')`;

/** A lot's listing, or null where none was written. */
export async function listingOf(db: Db, actor: Actor, lotId: string): Promise<KeptListing | null> {
  const [row] = await inOrg(db, actor, (tx) =>
    tx
      .select({ listing, now: NOW })
      .from(listing)
      .innerJoin(lot, eq(lot.id, listing.lotId))
      .where(and(eq(listing.lotId, lotId), eq(listing.orgId, actor.orgId))),
  );
  return row ? { ...row.listing, now: row.now } : null;
}

/** The name of what a listing of a lot is held against now. */
export async function heldAgainst(db: Db, actor: Actor, lotId: string): Promise<string> {
  const [row] = await inOrg(db, actor, (tx) =>
    tx
      .select({ now: NOW })
      .from(lot)
      .where(and(eq(lot.id, lotId), eq(lot.orgId, actor.orgId))),
  );
  return row?.now ?? '';
}

/** How a text stands: how many of its words are contradicted, and by what, by name. */
export interface Held {
  readonly contradicted: number;
  readonly against: string;
}

/** Keeps a listing with how it stands. A text that is another needs a reason anew to go out. */
export async function keepListing(
  db: Db,
  actor: Actor,
  lotId: string,
  { short, long, contradicted, against }: Listing & Held,
  now: Date,
): Promise<void> {
  await inOrg(db, actor, async (tx) => {
    const stands = { contradicted, against, allowedWhy: '', allowedBy: '' };
    const text = { short, long, ...stands, editedBy: actor.name, editedAt: now };
    await tx
      .insert(listing)
      .values({ lotId, orgId: actor.orgId, ...text })
      .onConflictDoUpdate({ target: listing.lotId, set: text });
    await audit(tx, actor, 'listing-kept', { lotId, detail: { contradicted } });
  });
}

/** Lets a listing go out although it contradicts what was found by now, with the reason on record. False where there is none. */
export async function allowListing(db: Db, actor: Actor, lotId: string, why: string, held: Held): Promise<boolean> {
  return inOrg(db, actor, async (tx) => {
    const [row] = await tx
      .update(listing)
      .set({ ...held, allowedWhy: why, allowedBy: actor.name })
      .where(and(eq(listing.lotId, lotId), eq(listing.orgId, actor.orgId)))
      .returning({ lotId: listing.lotId });
    if (row) await audit(tx, actor, 'listing-allowed', { lotId, detail: { why } });
    return row !== undefined;
  });
}

/** The listings of a sale's lots by number, with those that have none. */
export async function saleListings(db: Db, actor: Actor, saleId: string) {
  const rows = await inOrg(db, actor, (tx) =>
    tx
      .select({
        lotId: lot.id,
        number: lot.number,
        title: lot.title,
        consignor: lot.consignor,
        grade: lot.grade,
        seen: lot.seen,
        state: lot.state,
        listing,
        now: NOW,
      })
      .from(lot)
      .leftJoin(listing, eq(listing.lotId, lot.id))
      .where(and(eq(lot.saleId, saleId), eq(lot.orgId, actor.orgId), isNull(lot.withdrawnAt)))
      .orderBy(asc(lot.number)),
  );
  return rows.map(({ now, ...row }) => ({ ...row, listing: row.listing && { ...row.listing, now } }));
}
