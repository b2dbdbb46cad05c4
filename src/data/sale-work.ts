import { and, asc, eq, ne, sql } from 'drizzle-orm';
import type { WorkPlan } from '@/core/cost/work-plan';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, inOrg } from './db';
import { saleForUpdate } from './sales';
import { inspection, lot } from './tables/lots';
import { record } from './tables/records';
import { sale } from './tables/sales';

/** A lot of a sale, with what it is expected to fetch; null where nobody said. */
export interface PricedLot {
  readonly id: string;
  readonly number: number;
  readonly title: string;
  readonly inspectionId: string;
  readonly expected: number | null;
}

/** What a house would spend on a sale's lots, as it was kept last. */
export async function workPlanOf(db: Db, actor: Actor, saleId: string): Promise<WorkPlan | null> {
  const [row] = await inOrg(db, actor, (tx) =>
    tx
      .select({ plan: sale.workPlan })
      .from(sale)
      .where(and(eq(sale.id, saleId), eq(sale.orgId, actor.orgId))),
  );
  return row?.plan ?? null;
}

/** Keeps it. False when there is no such sale. */
export async function keepWorkPlan(db: Db, actor: Actor, saleId: string, plan: WorkPlan): Promise<boolean> {
  return inOrg(db, actor, async (tx) => {
    const before = await saleForUpdate(tx, actor, saleId);
    if (!before) return false;
    await tx.update(sale).set({ workPlan: plan }).where(eq(sale.id, saleId));
    await audit(tx, actor, 'sale-work-planned', { detail: { sale: before.name } });
    return true;
  });
}

/** The lots of a sale that are not withdrawn, by number, each with its newest inspection. */
export async function pricedLots(db: Db, actor: Actor, saleId: string): Promise<PricedLot[]> {
  const rows = await inOrg(db, actor, (tx) =>
    tx
      .select({
        id: lot.id,
        number: lot.number,
        title: lot.title,
        inspectionId: inspection.id,
        expected: sql<number | null>`(select (r.body->>'expected')::float8 from ${record} r
          where r.inspection_id = "inspection"."id" and r.kind = 'worth' limit 1)`,
      })
      .from(lot)
      .innerJoin(inspection, and(eq(inspection.lotId, lot.id), eq(inspection.revision, lot.revision)))
      .where(
        and(
          eq(lot.saleId, saleId),
          eq(lot.orgId, actor.orgId),
          ne(inspection.state, 'given-up'),
          sql`${lot.withdrawnAt} is null`,
        ),
      )
      .orderBy(asc(lot.number)),
  );
  return rows;
}
