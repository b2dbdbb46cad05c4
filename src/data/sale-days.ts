import { and, asc, eq, isNotNull, isNull, ne, sql } from 'drizzle-orm';
import { type DaysPlan, daysPlanSchema } from '@/core/days/days-plan';
import type { VisitTook } from '@/core/days/learnt';
import type { KnowsMake, LotToVisit } from '@/core/days/lots-to-route';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, type House, inOrg, type Tx } from './db';
import { saleForUpdate } from './sales';
import { lot } from './tables/lots';
import { sale } from './tables/sales';
import { learntFrom } from './visit-times';

export async function daysPlanOf(db: Db, actor: Actor, saleId: string): Promise<DaysPlan | null> {
  const [row] = await inOrg(db, actor, (tx) =>
    tx
      .select({ plan: sale.daysPlan })
      .from(sale)
      .where(and(eq(sale.id, saleId), eq(sale.orgId, actor.orgId))),
  );
  // Plans of earlier days lack what was added since.
  return row?.plan ? daysPlanSchema.parse(row.plan) : null;
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

/** Under which address calendars read a sale's days, or null. */
export async function daysFeedOf(db: Db, actor: Actor, saleId: string): Promise<string | null> {
  const [row] = await inOrg(db, actor, (tx) =>
    tx
      .select({ token: sale.daysToken })
      .from(sale)
      .where(and(eq(sale.id, saleId), eq(sale.orgId, actor.orgId))),
  );
  return row?.token ?? null;
}

/** Opens a sale's days to calendars under an address, or shuts it. False when there is no such sale, or nothing to shut. */
export async function setDaysFeed(db: Db, actor: Actor, saleId: string, token: string | null): Promise<boolean> {
  return inOrg(db, actor, async (tx) => {
    const before = await saleForUpdate(tx, actor, saleId);
    if (!before) return false;
    const set = await tx
      .update(sale)
      .set({ daysToken: token })
      .where(and(eq(sale.id, saleId), token === null ? isNotNull(sale.daysToken) : undefined))
      .returning({ id: sale.id });
    if (set.length === 0) return false;
    await audit(tx, actor, token ? 'days-feed-opened' : 'days-feed-shut', { detail: { sale: before.name } });
    return true;
  });
}

/** The days behind a feed's address: the kept plan and what of the lots a calendar tells, or null. */
export async function daysBehind(db: Db, token: string): Promise<DaysTold | null> {
  const [found] = await db.execute<{ org_id: string; sale_id: string }>(
    sql`select org_id, sale_id from farvin_days_feed(${token})`,
  );
  return found ? daysTold(db, { orgId: found.org_id }, found.sale_id) : null;
}

export interface DaysTold {
  readonly sale: { readonly id: string; readonly name: string; readonly place: string; readonly timeZone: string };
  readonly plan: DaysPlan;
  readonly lots: readonly LotToVisit[];
  /** How long the house's visits took. */
  readonly took: readonly VisitTook[];
  /** Who inspected cars of which make here. */
  readonly knows: readonly KnowsMake[];
}

/** A sale's kept plan with its sale and the lots that are still to be visited; null where none was kept. */
export async function daysTold(db: Db, who: House, saleId: string): Promise<DaysTold | null> {
  return inOrg(db, who, async (tx) => {
    const [row] = await tx
      .select({ id: sale.id, name: sale.name, place: sale.place, timeZone: sale.timeZone, plan: sale.daysPlan })
      .from(sale)
      .where(and(eq(sale.id, saleId), eq(sale.orgId, who.orgId)));
    if (!row?.plan) return null;
    const { plan, ...facts } = row;
    const lots = await openLots(tx, who.orgId, saleId);
    return {
      sale: facts,
      plan: daysPlanSchema.parse(plan),
      lots,
      ...(await learntFrom(tx, who)),
    };
  });
}

/** The lots of a sale whose report is not sealed, by number. */
export async function lotsToVisit(db: Db, actor: Actor, saleId: string): Promise<LotToVisit[]> {
  return inOrg(db, actor, (tx) => openLots(tx, actor.orgId, saleId));
}

const openLots = (tx: Tx, orgId: string, saleId: string): Promise<LotToVisit[]> =>
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
    .where(and(eq(lot.saleId, saleId), eq(lot.orgId, orgId), isNull(lot.withdrawnAt), ne(lot.state, 'sealed')))
    .orderBy(asc(lot.number));
