import { and, desc, eq } from 'drizzle-orm';
import { v7 as uuidv7 } from 'uuid';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, inOrg } from './db';
import { inspection, lot, sale } from './tables/farvin';

/** Whether the organisation has a lot of this id. */
export async function lotExists(db: Db, actor: Actor, lotId: string): Promise<boolean> {
  const rows = await inOrg(db, actor, (tx) =>
    tx
      .select({ id: lot.id })
      .from(lot)
      .where(and(eq(lot.id, lotId), eq(lot.orgId, actor.orgId))),
  );
  return rows.length > 0;
}

/** The highest lot number of a sale, 0 when it has none. */
export async function highestNumber(db: Db, actor: Actor, saleId: string): Promise<number> {
  const [row] = await inOrg(db, actor, (tx) =>
    tx
      .select({ number: lot.number })
      .from(lot)
      .where(and(eq(lot.orgId, actor.orgId), eq(lot.saleId, saleId)))
      .orderBy(desc(lot.number))
      .limit(1),
  );
  return row?.number ?? 0;
}

/** Adds a lot with an empty first inspection; null when the sale is not the organisation's or the number is taken. */
export async function addLot(
  db: Db,
  actor: Actor,
  saleId: string,
  given: { number: number; title: string; reportDueOn: string | null },
  ids: { lotId: string; inspectionId: string } = { lotId: uuidv7(), inspectionId: uuidv7() },
): Promise<{ lotId: string; inspectionId: string } | null> {
  return inOrg(db, actor, async (tx) => {
    const [own] = await tx
      .select({ id: sale.id })
      .from(sale)
      .where(and(eq(sale.id, saleId), eq(sale.orgId, actor.orgId)));
    if (!own) return null;
    const { lotId, inspectionId } = ids;
    const added = await tx
      .insert(lot)
      .values({ id: lotId, orgId: actor.orgId, saleId, ...given })
      .onConflictDoNothing()
      .returning({ id: lot.id });
    if (added.length === 0) return null;
    await tx.insert(inspection).values({ id: inspectionId, orgId: actor.orgId, lotId, revision: 1 });
    await audit(tx, actor, 'lot-added', { lotId, inspectionId, detail: { number: given.number, title: given.title } });
    return { lotId, inspectionId };
  });
}
