import { and, desc, eq, sql } from 'drizzle-orm';
import { v7 as uuidv7 } from 'uuid';
import type { LotFactsSaid } from '@/core/yard/lot-facts';
import { reportDue } from '@/core/yard/report-due';
import type { Sale } from '@/core/yard/sale-facts';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, inOrg, type Tx } from './db';
import { saleForUpdate } from './sales';
import { inspection, lot } from './tables/lots';

/** Whether the actor may see a lot of this id. */
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

/** What is given of a lot that is added; what is not said is empty. */
export type NewLot = Partial<LotFactsSaid> & { readonly number: number; readonly title: string };

/** The day a lot's report is due, and whether it follows the sale: a day set for it stands by itself. */
function dueOf(facts: Pick<Partial<LotFactsSaid>, 'reportDueOn' | 'reserveDays'>, of: Sale) {
  return facts.reportDueOn
    ? { reportDueOn: facts.reportDueOn, dueBySale: false }
    : { reportDueOn: reportDue(of, facts.reserveDays ?? null), dueBySale: true };
}

/** Writes a lot with an empty first inspection; false when its number is taken. */
export async function insertLot(
  tx: Tx,
  actor: Actor,
  own: Sale,
  given: NewLot,
  { lotId, inspectionId }: { lotId: string; inspectionId: string },
): Promise<boolean> {
  const added = await tx
    .insert(lot)
    .values({ ...given, id: lotId, orgId: actor.orgId, saleId: own.id, ...dueOf(given, own) })
    .onConflictDoNothing()
    .returning({ id: lot.id });
  if (added.length === 0) return false;
  await tx.insert(inspection).values({ id: inspectionId, orgId: actor.orgId, lotId, revision: 1 });
  return true;
}

/** Adds a lot with an empty first inspection; null when the sale is not the actor's or takes no lots, or the number is taken. */
export async function addLot(
  db: Db,
  actor: Actor,
  saleId: string,
  given: NewLot,
  ids: { lotId: string; inspectionId: string } = { lotId: uuidv7(), inspectionId: uuidv7() },
): Promise<{ lotId: string; inspectionId: string } | null> {
  return inOrg(db, actor, async (tx) => {
    const own = await saleForUpdate(tx, actor, saleId);
    if (own?.state !== 'open' || !(await insertLot(tx, actor, own, given, ids))) return null;
    await audit(tx, actor, 'lot-added', { ...ids, detail: { number: given.number, title: given.title } });
    return ids;
  });
}

/** What is said of a lot, but for its day. */
export const LOT_FACTS = {
  title: lot.title,
  reserveDays: lot.reserveDays,
  consignor: lot.consignor,
  keysWith: lot.keysWith,
  stands: lot.stands,
  comesWith: lot.comesWith,
};
/** A day that follows the sale was not said of the lot. */
export const SAID_DUE = sql<string | null>`case when ${lot.dueBySale} then null else ${lot.reportDueOn}::text end`;

/** Writes what is said of a lot anew; a day that follows the sale is reckoned. */
export async function writeFacts(tx: Tx, own: Sale, lotId: string, change: Partial<LotFactsSaid>): Promise<void> {
  let due = {};
  if (change.reportDueOn !== undefined || change.reserveDays !== undefined) {
    const [now] = await tx.select({ due: SAID_DUE, reserveDays: lot.reserveDays }).from(lot).where(eq(lot.id, lotId));
    due = dueOf({ reportDueOn: now!.due, reserveDays: now!.reserveDays, ...change }, own);
  }
  await tx
    .update(lot)
    .set({ ...change, ...due })
    .where(eq(lot.id, lotId));
}
