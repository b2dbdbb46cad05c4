import { and, asc, eq, inArray, sql } from 'drizzle-orm';
import { ROLES, roleMay } from '@/core/people/roles';
import type { LotFactsSaid } from '@/core/yard/lot-facts';
import { reportDue } from '@/core/yard/report-due';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, inOrg, type Tx } from './db';
import { LOT_FACTS, SAID_DUE, writeFacts } from './lots';
import { refusedBy } from './refused-by';
import { saleForUpdate } from './sales';
import { user } from './tables/auth';
import { lotAssignment } from './tables/house';
import { lot } from './tables/lots';
import { membership } from './tables/organisations';
import { sale } from './tables/sales';
import { setYes } from './yes-row';

/** Roles that look at cars. */
const ENTERING = ROLES.filter((r) => roleMay(r, 'enter'));

/** What a lot's page says of it besides what was seen. */
export interface LotRow extends LotFactsSaid {
  readonly id: string;
  readonly number: number;
  readonly sale: { readonly id: string; readonly name: string; readonly state: string };
  readonly dueBySale: boolean;
  /** The day that counts, set or following the sale. */
  readonly due: string | null;
  readonly consignorId: string | null;
  readonly withdrawnAt: Date | null;
  readonly withdrawnWhy: string;
  readonly begun: boolean;
  readonly inspectors: readonly { readonly id: string; readonly name: string }[];
}

/** What is said of a lot, or null. */
export async function lotRow(db: Db, actor: Actor, lotId: string): Promise<LotRow | null> {
  return inOrg(db, actor, async (tx) => {
    const [row] = await tx
      .select({
        id: lot.id,
        number: lot.number,
        sale: { id: sale.id, name: sale.name, state: sale.state },
        dueBySale: lot.dueBySale,
        due: lot.reportDueOn,
        consignorId: lot.consignorId,
        withdrawnAt: lot.withdrawnAt,
        withdrawnWhy: lot.withdrawnWhy,
        begun: sql<boolean>`exists (select 1 from inspection i where i.lot_id = "lot"."id" and i.change_count > 0)`,
        ...LOT_FACTS,
        reportDueOn: SAID_DUE,
      })
      .from(lot)
      .innerJoin(sale, eq(sale.id, lot.saleId))
      .where(and(eq(lot.id, lotId), eq(lot.orgId, actor.orgId)));
    if (!row) return null;
    const inspectors = await tx
      .select({ id: user.id, name: user.name })
      .from(lotAssignment)
      .innerJoin(user, eq(user.id, lotAssignment.userId))
      .where(eq(lotAssignment.lotId, lotId))
      .orderBy(asc(lotAssignment.at));
    return { ...row, inspectors };
  });
}

/** What a change of a lot may name: its facts, its number, its sale, its consignor's account, and whether it is withdrawn. */
export interface LotChange extends Partial<LotFactsSaid> {
  readonly number?: number;
  readonly saleId?: string;
  readonly consignorId?: string | null;
  /** Why it is withdrawn; null takes it back into the sale. */
  readonly withdrawn?: string | null;
}
export type LotRefusal = 'nothing-there' | 'number-taken' | 'sale-closed' | 'no-such-consignor';

/** Changes what is said of a lot, moves, renumbers, withdraws it or takes it back, all or nothing. */
export async function changeLot(
  db: Db,
  actor: Actor,
  lotId: string,
  change: LotChange,
  now: Date,
): Promise<'done' | LotRefusal> {
  const { number, saleId, consignorId, withdrawn, ...facts } = change;
  return refusedBy('lot_number', 'number-taken', () =>
    inOrg(db, actor, async (tx) => {
      const [before] = await tx
        .select()
        .from(lot)
        .where(and(eq(lot.id, lotId), eq(lot.orgId, actor.orgId)))
        .for('update');
      if (!before) return 'nothing-there';
      const own = await saleForUpdate(tx, actor, saleId ?? before.saleId);
      if (!own) return 'nothing-there';
      if (consignorId && !(await isConsignor(tx, actor, consignorId))) return 'no-such-consignor';
      const moves =
        (saleId !== undefined && saleId !== before.saleId) || (number !== undefined && number !== before.number);
      if (moves) {
        if (own.state !== 'open') return 'sale-closed';
        const due = before.dueBySale ? { reportDueOn: reportDue(own, before.reserveDays) } : {};
        await tx
          .update(lot)
          .set({ saleId: own.id, number: number ?? before.number, ...due })
          .where(eq(lot.id, lotId));
        const detail = { before: before.number, after: number ?? before.number, to: own.name };
        await audit(tx, actor, 'lot-moved', { lotId, detail });
      }
      if (Object.keys(facts).length > 0 || consignorId !== undefined) {
        if (Object.keys(facts).length > 0) await writeFacts(tx, own, lotId, facts);
        if (consignorId !== undefined) await tx.update(lot).set({ consignorId }).where(eq(lot.id, lotId));
        const said = [...Object.keys(facts), ...(consignorId === undefined ? [] : ['consignorId'])];
        await audit(tx, actor, 'lot-changed', { lotId, detail: { what: said.join(', ') } });
      }
      if (withdrawn !== undefined && (withdrawn === null) !== (before.withdrawnAt === null)) {
        await tx
          .update(lot)
          .set({ withdrawnAt: withdrawn === null ? null : now, withdrawnWhy: withdrawn ?? '' })
          .where(eq(lot.id, lotId));
        await audit(tx, actor, withdrawn === null ? 'lot-back' : 'lot-withdrawn', {
          lotId,
          detail: { why: withdrawn ?? '' },
        });
      }
      return 'done';
    }),
  );
}

async function isConsignor(tx: Tx, actor: Actor, userId: string): Promise<boolean> {
  const rows = await tx
    .select({ id: membership.userId })
    .from(membership)
    .where(and(eq(membership.orgId, actor.orgId), eq(membership.userId, userId), eq(membership.role, 'consignor')));
  return rows.length > 0;
}

/** Gives a lot to somebody who enters records, or takes it back. False when there is no such lot or person. */
export async function giveLot(db: Db, actor: Actor, lotId: string, personId: string, given: boolean): Promise<boolean> {
  return inOrg(db, actor, async (tx) => {
    const [there] = await tx
      .select({ name: user.name })
      .from(membership)
      .innerJoin(user, eq(user.id, membership.userId))
      .innerJoin(lot, eq(lot.orgId, membership.orgId))
      .where(
        and(
          eq(lot.id, lotId),
          eq(membership.orgId, actor.orgId),
          eq(membership.userId, personId),
          inArray(membership.role, ENTERING),
        ),
      );
    if (!there) return false;
    const row = { lotId, userId: personId, orgId: actor.orgId };
    const mine = and(eq(lotAssignment.lotId, lotId), eq(lotAssignment.userId, personId));
    if (await setYes(tx, lotAssignment, row, mine, given))
      await audit(tx, actor, given ? 'lot-given' : 'lot-taken-back', { lotId, detail: { to: there.name } });
    return true;
  });
}
