import { and, asc, eq, inArray, sql } from 'drizzle-orm';
import { v7 as uuidv7 } from 'uuid';
import type { Actor } from './actor';
import { type Db, inOrg } from './db';
import { type InspectionState, inspection, lot, record, sale } from './tables/farvin';

export interface SaleRow {
  readonly id: string;
  readonly name: string;
  readonly place: string;
  readonly opensOn: string | null;
  readonly closesOn: string | null;
}

/** The organisation's sales by opening day. */
export async function salesOf(db: Db, actor: Actor): Promise<SaleRow[]> {
  return inOrg(db, actor, (tx) =>
    tx
      .select({ id: sale.id, name: sale.name, place: sale.place, opensOn: sale.opensOn, closesOn: sale.closesOn })
      .from(sale)
      .where(eq(sale.orgId, actor.orgId))
      .orderBy(asc(sale.opensOn)),
  );
}

/** What the Yard shows of a lot, computed from its records. */
export interface LotSummary {
  readonly records: number;
  readonly seen: number;
  readonly blocked: number;
  readonly grade: { low: number; value: number; high: number; band: string } | null;
  readonly readings: number;
  readonly findings: number;
  readonly photos: number;
  readonly gates: readonly string[];
  readonly car: string;
}

export interface YardRow {
  readonly id: string;
  readonly number: number;
  readonly title: string;
  readonly reportDueOn: string | null;
  readonly keeper: string;
  readonly inspectionId: string;
  readonly revision: number;
  readonly state: InspectionState;
  readonly changeCount: number;
  readonly summary: LotSummary | null;
  readonly stale: boolean;
}

/** One page of a sale's lots by number, each with its newest inspection; `after` is the last number of the page before. */
export async function yardPage(db: Db, actor: Actor, saleId: string, after = 0, limit = 200): Promise<YardRow[]> {
  const newest = sql`${inspection.revision} = (select max(i.revision) from inspection i where i.lot_id = ${lot.id})`;
  const rows = await inOrg(db, actor, (tx) =>
    tx
      .select({
        id: lot.id,
        number: lot.number,
        title: lot.title,
        reportDueOn: lot.reportDueOn,
        keeper: lot.keeper,
        inspectionId: inspection.id,
        revision: inspection.revision,
        state: inspection.state,
        changeCount: inspection.changeCount,
        summary: inspection.summary,
        summaryCount: inspection.summaryCount,
      })
      .from(lot)
      .innerJoin(inspection, and(eq(inspection.lotId, lot.id), newest))
      .where(and(eq(lot.orgId, actor.orgId), eq(lot.saleId, saleId), sql`${lot.number} > ${after}`))
      .orderBy(asc(lot.number))
      .limit(limit),
  );
  return rows.map(({ summaryCount, ...r }) => ({
    ...r,
    summary: r.summary as LotSummary | null,
    stale: summaryCount !== r.changeCount,
  }));
}

/** Records of several inspections at once, for computing summaries. */
export async function recordsOfMany(db: Db, actor: Actor, inspectionIds: readonly string[]) {
  if (inspectionIds.length === 0) return [];
  return inOrg(db, actor, (tx) =>
    tx
      .select({
        inspectionId: record.inspectionId,
        id: record.id,
        kind: record.kind,
        version: record.version,
        body: record.body,
      })
      .from(record)
      .where(and(inArray(record.inspectionId, [...inspectionIds]), eq(record.orgId, actor.orgId)))
      .orderBy(asc(record.id)),
  );
}

/** Keeps a computed summary beside the change count it was computed at; a later change makes it stale. */
export async function keepSummary(
  db: Db,
  actor: Actor,
  inspectionId: string,
  atCount: number,
  summary: LotSummary,
): Promise<void> {
  await inOrg(db, actor, (tx) =>
    tx
      .update(inspection)
      .set({ summary, summaryCount: atCount })
      .where(and(eq(inspection.id, inspectionId), eq(inspection.orgId, actor.orgId))),
  );
}

/** Adds a lot with an empty first inspection; null when the sale is not the organisation's or the number is taken. */
export async function addLot(
  db: Db,
  actor: Actor,
  saleId: string,
  given: { number: number; title: string; reportDueOn: string | null },
): Promise<{ lotId: string; inspectionId: string } | null> {
  return inOrg(db, actor, async (tx) => {
    const [own] = await tx
      .select({ id: sale.id })
      .from(sale)
      .where(and(eq(sale.id, saleId), eq(sale.orgId, actor.orgId)));
    if (!own) return null;
    const lotId = uuidv7();
    const added = await tx
      .insert(lot)
      .values({ id: lotId, orgId: actor.orgId, saleId, ...given })
      .onConflictDoNothing()
      .returning({ id: lot.id });
    if (added.length === 0) return null;
    const inspectionId = uuidv7();
    await tx.insert(inspection).values({ id: inspectionId, orgId: actor.orgId, lotId, revision: 1 });
    return { lotId, inspectionId };
  });
}
