import { and, asc, desc, eq, inArray, ne, sql } from 'drizzle-orm';
import { v7 as uuidv7 } from 'uuid';
import type { LotFactsSaid } from '@/core/yard/lot-facts';
import type { ListStep, PresentLot } from '@/core/yard/lot-list';
import { reportDue } from '@/core/yard/report-due';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, inOrg, type Tx } from './db';
import { type SaleRow, saleForUpdate } from './sales';
import { user } from './tables/auth';
import { inspection, lot, membership, sale } from './tables/farvin';
import { lotAssignment } from './tables/house';

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
function dueOf(facts: Pick<Partial<LotFactsSaid>, 'reportDueOn' | 'reserveDays'>, of: SaleRow) {
  return facts.reportDueOn
    ? { reportDueOn: facts.reportDueOn, dueBySale: false }
    : { reportDueOn: reportDue(of, facts.reserveDays ?? null), dueBySale: true };
}

async function insertLot(
  tx: Tx,
  actor: Actor,
  own: SaleRow,
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

const FACTS = {
  title: lot.title,
  reserveDays: lot.reserveDays,
  consignor: lot.consignor,
  keysWith: lot.keysWith,
  stands: lot.stands,
  comesWith: lot.comesWith,
};
/** A day that follows the sale was not said of the lot. */
const SAID_DUE = sql<string | null>`case when ${lot.dueBySale} then null else ${lot.reportDueOn}::text end`;

/** A sale's lots by what was said of each, for taking a list in. */
export async function presentLots(db: Db | Tx, actor: Actor, saleId: string): Promise<PresentLot[]> {
  const rows = await inOrg(db, actor, (tx) =>
    tx
      .select({
        id: lot.id,
        number: lot.number,
        begun: sql<boolean>`exists (select 1 from inspection i where i.lot_id = "lot"."id" and i.change_count > 0)`,
        facts: FACTS,
        due: SAID_DUE,
      })
      .from(lot)
      .where(and(eq(lot.saleId, saleId), eq(lot.orgId, actor.orgId)))
      .orderBy(asc(lot.number)),
  );
  return rows.map(({ due, ...row }) => ({ ...row, facts: { ...row.facts, reportDueOn: due } }));
}

/** Does what a plan for a list says, whole or not at all. Null when the sale takes no lots. */
export async function takeList(
  db: Db,
  actor: Actor,
  saleId: string,
  plan: (present: readonly PresentLot[]) => readonly ListStep[] | null,
): Promise<{ added: number; changed: number } | 'changed-meanwhile' | null> {
  return inOrg(db, actor, async (tx) => {
    const own = await saleForUpdate(tx, actor, saleId);
    if (own?.state !== 'open') return null;
    const steps = plan(await presentLots(tx, actor, saleId));
    if (!steps) return 'changed-meanwhile';
    let added = 0;
    let changed = 0;
    for (const step of steps) {
      if (step.does === 'adds') {
        const ids = { lotId: uuidv7(), inspectionId: uuidv7() };
        if (!(await insertLot(tx, actor, own, { ...step.facts, number: step.number }, ids)))
          throw new Error('a number was taken under the lock');
        added++;
      } else if (step.does === 'changes') {
        await writeFacts(tx, own, step.id, Object.fromEntries(step.changes.map((c) => [c.fact, c.after])));
        changed++;
      }
    }
    if (added + changed > 0) await audit(tx, actor, 'lots-listed', { detail: { sale: own.name, added, changed } });
    return { added, changed };
  });
}

async function writeFacts(tx: Tx, own: SaleRow, lotId: string, change: Partial<LotFactsSaid>): Promise<void> {
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
        ...FACTS,
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
  return refusingTaken(() =>
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
        await audit(tx, actor, 'lot-changed', {
          lotId,
          detail: { what: Object.keys({ ...facts, ...(consignorId !== undefined && { consignorId }) }).join(', ') },
        });
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

async function refusingTaken<T>(work: () => Promise<T>): Promise<T | 'number-taken'> {
  try {
    return await work();
  } catch (error) {
    const { cause } = error as { cause?: { constraint_name?: string } };
    if (cause?.constraint_name === 'lot_number') return 'number-taken';
    throw error;
  }
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
          inArray(membership.role, ['manager', 'inspector']),
        ),
      );
    if (!there) return false;
    const changed = given
      ? await tx
          .insert(lotAssignment)
          .values({ lotId, userId: personId, orgId: actor.orgId })
          .onConflictDoNothing()
          .returning({ id: lotAssignment.lotId })
      : await tx
          .delete(lotAssignment)
          .where(and(eq(lotAssignment.lotId, lotId), eq(lotAssignment.userId, personId)))
          .returning({ id: lotAssignment.lotId });
    if (changed.length > 0)
      await audit(tx, actor, given ? 'lot-given' : 'lot-taken-back', { lotId, detail: { to: there.name } });
    return true;
  });
}

/** Numbers of the other lots of a sale, for saying which are free. */
export async function takenNumbers(db: Db, actor: Actor, saleId: string, besides: string): Promise<number[]> {
  const rows = await inOrg(db, actor, (tx) =>
    tx
      .select({ number: lot.number })
      .from(lot)
      .where(and(eq(lot.orgId, actor.orgId), eq(lot.saleId, saleId), ne(lot.id, besides))),
  );
  return rows.map((r) => r.number);
}
