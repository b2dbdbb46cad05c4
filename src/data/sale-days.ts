import { and, asc, eq, isNull, ne } from 'drizzle-orm';
import type { DaysPlan } from '@/core/days/days-plan';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, inOrg } from './db';
import { saleForUpdate } from './sales';
import { lot, sale } from './tables/farvin';

/** A lot that is still to be visited. */
export interface LotToVisit {
  readonly id: string;
  readonly number: number;
  readonly title: string;
  readonly stands: string;
  readonly keysWith: string;
  readonly reportDueOn: string | null;
  readonly seen: number;
}

export async function daysPlanOf(db: Db, actor: Actor, saleId: string): Promise<DaysPlan | null> {
  const [row] = await inOrg(db, actor, (tx) =>
    tx
      .select({ plan: sale.daysPlan })
      .from(sale)
      .where(and(eq(sale.id, saleId), eq(sale.orgId, actor.orgId))),
  );
  return row?.plan ?? null;
}

/** Keeps who visits which lots when. False when there is no such sale. */
export async function keepDaysPlan(db: Db, actor: Actor, saleId: string, plan: DaysPlan): Promise<boolean> {
  return inOrg(db, actor, async (tx) => {
    const before = await saleForUpdate(tx, actor, saleId);
    if (!before) return false;
    await tx.update(sale).set({ daysPlan: plan }).where(eq(sale.id, saleId));
    await audit(tx, actor, 'sale-days-planned', { detail: { sale: before.name, visits: plan.visits.length } });
    return true;
  });
}

/** The lots of a sale whose report is not sealed, by number. */
export async function lotsToVisit(db: Db, actor: Actor, saleId: string): Promise<LotToVisit[]> {
  return inOrg(db, actor, (tx) =>
    tx
      .select({
        id: lot.id,
        number: lot.number,
        title: lot.title,
        stands: lot.stands,
        keysWith: lot.keysWith,
        reportDueOn: lot.reportDueOn,
        seen: lot.seen,
      })
      .from(lot)
      .where(and(eq(lot.saleId, saleId), eq(lot.orgId, actor.orgId), isNull(lot.withdrawnAt), ne(lot.state, 'sealed')))
      .orderBy(asc(lot.number)),
  );
}
