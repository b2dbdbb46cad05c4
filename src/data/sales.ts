import { and, asc, eq, ne, sql } from 'drizzle-orm';
import { v7 as uuidv7 } from 'uuid';
import { reportDue } from '@/core/yard/report-due';
import { PRACTICE, type Sale, type SaleFacts, type SaleState } from '@/core/yard/sale-facts';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, inOrg, type Tx } from './db';
import { lot } from './tables/lots';
import { sale } from './tables/sales';

const COLUMNS = {
  id: sale.id,
  name: sale.name,
  place: sale.place,
  timeZone: sale.timeZone,
  opensOn: sale.opensOn,
  closesOn: sale.closesOn,
  catalogueOn: sale.catalogueOn,
  reportDaysBefore: sale.reportDaysBefore,
  currency: sale.currency,
  words: sale.words,
  units: sale.units,
  kerb: sale.kerb,
  embargoUntil: sale.embargoUntil,
  // Never `practice`: every read of these columns leaves that one out.
  state: sql<SaleState>`${sale.state}`,
};

const asRow = <R extends { embargoUntil: Date | null }>(row: R) => ({
  ...row,
  embargoUntil: row.embargoUntil?.toISOString() ?? null,
});
const asColumns = ({ embargoUntil, ...facts }: Partial<SaleFacts>) => ({
  ...facts,
  ...(embargoUntil !== undefined && { embargoUntil: embargoUntil === null ? null : new Date(embargoUntil) }),
});

/** The organisation's sales that the actor may see, by opening day; those in the archive last. */
export async function salesOf(db: Db, actor: Actor): Promise<Sale[]> {
  const rows = await inOrg(db, actor, (tx) =>
    tx
      .select(COLUMNS)
      .from(sale)
      .where(and(eq(sale.orgId, actor.orgId), ne(sale.state, PRACTICE)))
      .orderBy(sql`(${sale.state} = 'archived')`, asc(sale.opensOn), asc(sale.id)),
  );
  return rows.map(asRow);
}

/** Opens a sale of the actor's house. */
export async function addSale(db: Db, actor: Actor, facts: SaleFacts): Promise<string> {
  const id = uuidv7();
  await inOrg(db, actor, async (tx) => {
    await tx.insert(sale).values({ id, orgId: actor.orgId, ...(asColumns(facts) as { name: string }) });
    await audit(tx, actor, 'sale-added', { detail: { sale: facts.name } });
  });
  return id;
}

/** What is said of a sale now, locked until the transaction ends, or null. */
export async function saleForUpdate(tx: Tx, actor: Actor, id: string): Promise<Sale | null> {
  const [row] = await tx
    .select(COLUMNS)
    .from(sale)
    .where(and(eq(sale.id, id), eq(sale.orgId, actor.orgId), ne(sale.state, PRACTICE)))
    .for('update');
  return row ? asRow(row) : null;
}

/**
 * Changes what is said of a sale; days of lots that follow its opening move along. `check` sees the facts as they would
 * be and says what speaks against them. Null when there is no such sale.
 */
export async function changeSale<F>(
  db: Db,
  actor: Actor,
  id: string,
  change: Partial<SaleFacts>,
  check: (facts: SaleFacts) => F | null,
): Promise<{ ok: true } | { ok: false; fault: F } | null> {
  return inOrg(db, actor, async (tx) => {
    const before = await saleForUpdate(tx, actor, id);
    if (!before) return null;
    const after = { ...before, ...change };
    const fault = check(after);
    if (fault) return { ok: false, fault };
    const differing = (Object.keys(change) as (keyof SaleFacts)[]).filter((k) => change[k] !== before[k]);
    if (differing.length === 0) return { ok: true };
    await tx.update(sale).set(asColumns(change)).where(eq(sale.id, id));
    if (differing.some((k) => k === 'opensOn' || k === 'reportDaysBefore')) await daysFollow(tx, id, after);
    await audit(tx, actor, 'sale-changed', {
      detail: { sale: before.name, ...Object.fromEntries(differing.map((k) => [k, after[k]])) },
    });
    return { ok: true };
  });
}

async function daysFollow(tx: Tx, saleId: string, facts: SaleFacts): Promise<void> {
  const lots = await tx
    .selectDistinct({ reserveDays: lot.reserveDays })
    .from(lot)
    .where(and(eq(lot.saleId, saleId), lot.dueBySale));
  for (const { reserveDays } of lots)
    await tx
      .update(lot)
      .set({ reportDueOn: reportDue(facts, reserveDays) })
      .where(
        and(eq(lot.saleId, saleId), lot.dueBySale, sql`${lot.reserveDays} is not distinct from ${reserveDays}::int`),
      );
}

const STATE_AUDITED = { open: 'sale-reopened', closed: 'sale-closed', archived: 'sale-archived' } as const;

/** Closes a sale (no more lots), puts it into the archive (not on the Yard), or opens it again. False when there is none. */
export async function setSaleState(db: Db, actor: Actor, id: string, state: SaleState): Promise<boolean> {
  return inOrg(db, actor, async (tx) => {
    const before = await saleForUpdate(tx, actor, id);
    if (!before) return false;
    if (before.state === state) return true;
    await tx.update(sale).set({ state }).where(eq(sale.id, id));
    await audit(tx, actor, STATE_AUDITED[state], { detail: { sale: before.name } });
    return true;
  });
}
