import { and, asc, eq, isNull } from 'drizzle-orm';
import type { Listing } from '@/core/listing/doc';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, inOrg } from './db';
import { listing } from './tables/listing';
import { lot } from './tables/lots';

export type KeptListing = typeof listing.$inferSelect;

/** A lot's listing, or null where none was written. */
export async function listingOf(db: Db, actor: Actor, lotId: string): Promise<KeptListing | null> {
  const [row] = await inOrg(db, actor, (tx) =>
    tx
      .select()
      .from(listing)
      .where(and(eq(listing.lotId, lotId), eq(listing.orgId, actor.orgId))),
  );
  return row ?? null;
}

/** Keeps a listing with how many of its words are contradicted. A text that is another needs a reason anew to go out. */
export async function keepListing(
  db: Db,
  actor: Actor,
  lotId: string,
  { short, long, contradicted }: Listing & { readonly contradicted: number },
  now: Date,
): Promise<void> {
  await inOrg(db, actor, async (tx) => {
    const text = { short, long, contradicted, allowedWhy: '', allowedBy: '', editedBy: actor.name, editedAt: now };
    await tx
      .insert(listing)
      .values({ lotId, orgId: actor.orgId, ...text })
      .onConflictDoUpdate({ target: listing.lotId, set: text });
    await audit(tx, actor, 'listing-kept', { lotId, detail: { contradicted } });
  });
}

/** Lets a listing go out although it contradicts what was found, with the reason on record. False where there is none. */
export async function allowListing(db: Db, actor: Actor, lotId: string, why: string): Promise<boolean> {
  return inOrg(db, actor, async (tx) => {
    const [row] = await tx
      .update(listing)
      .set({ allowedWhy: why, allowedBy: actor.name })
      .where(and(eq(listing.lotId, lotId), eq(listing.orgId, actor.orgId)))
      .returning({ lotId: listing.lotId });
    if (row) await audit(tx, actor, 'listing-allowed', { lotId, detail: { why } });
    return row !== undefined;
  });
}

/** The listings of a sale's lots by number, with those that have none. */
export async function saleListings(db: Db, actor: Actor, saleId: string) {
  return inOrg(db, actor, (tx) =>
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
      })
      .from(lot)
      .leftJoin(listing, eq(listing.lotId, lot.id))
      .where(and(eq(lot.saleId, saleId), eq(lot.orgId, actor.orgId), isNull(lot.withdrawnAt)))
      .orderBy(asc(lot.number)),
  );
}
