import { and, desc, eq, isNull, max, type SQL, sql } from 'drizzle-orm';
import { v7 as uuidv7 } from 'uuid';
import type { PracticeOutcome } from '@/core/practice/outcome';
import type { PracticeTruth } from '@/core/practice/practice-car';
import type { PracticeRow } from '@/core/practice/practice-row';
import { PRACTICE } from '@/core/yard/sale-facts';
import { type Actor, mayManage } from './actor';
import { audit } from './audit';
import { type Db, inOrg, type Tx } from './db';
import { user } from './tables/auth';
import { inspection, lot } from './tables/lots';
import { practiceLot } from './tables/practice';
import { sale } from './tables/sales';

/**
 * What an inspector must not read yet: somebody else's practice or second look that is still open, and the lot that he himself
 * is looking at a second time. A condition on the query's lot.
 */
export const notBlind = (actor: Pick<Actor, 'userId'>): SQL => sql`not exists (
  select 1 from practice_lot p where p.closed_at is null
    and ((p.lot_id = ${lot.id} and p.person <> ${actor.userId}) or (p.of_lot = ${lot.id} and p.person = ${actor.userId})))`;

async function practiceSale(tx: Tx, orgId: string): Promise<string> {
  const [there] = await tx
    .select({ id: sale.id })
    .from(sale)
    .where(and(eq(sale.orgId, orgId), eq(sale.state, PRACTICE)))
    .limit(1);
  if (there) return there.id;
  const id = uuidv7();
  await tx.insert(sale).values({ id, orgId, name: 'Practice', state: PRACTICE });
  return id;
}

export type NewPractice =
  | { readonly kind: 'car'; readonly course: number; readonly minutes: number; readonly truth: PracticeTruth }
  | { readonly kind: 'second'; readonly ofLot: string; readonly person: string };

/**
 * Opens a practice lot with an empty inspection. The program itself does: an inspector adds no lots. Null where the lot or the
 * person of a second look is none of the house, or that person is looking at it already.
 */
export async function openPractice(
  db: Db,
  actor: Actor,
  given: NewPractice,
  title: string,
  now: Date,
): Promise<{ lotId: string; inspectionId: string } | null> {
  return inOrg(db, { orgId: actor.orgId }, async (tx) => {
    // One after the other, so that no two take one number.
    await tx.execute(sql`select pg_advisory_xact_lock(hashtext(${`practice ${actor.orgId}`}))`);
    if (given.kind === 'second') {
      const [fits] = await tx.execute<{ fits: boolean }>(sql`select
        exists (select 1 from lot l join sale s on s.id = l.sale_id where l.id = ${given.ofLot} and s.state <> ${PRACTICE})
        and exists (select 1 from membership m where m.user_id = ${given.person} and m.role in ('manager', 'inspector'))
        and not exists (select 1 from practice_lot p where p.of_lot = ${given.ofLot} and p.person = ${given.person} and p.closed_at is null)
        as fits`);
      if (!fits?.fits) return null;
    }
    const saleId = await practiceSale(tx, actor.orgId);
    const [top] = await tx
      .select({ number: max(lot.number) })
      .from(lot)
      .where(eq(lot.saleId, saleId));
    const ids = { lotId: uuidv7(), inspectionId: uuidv7() };
    await tx
      .insert(lot)
      .values({ id: ids.lotId, orgId: actor.orgId, saleId, number: (top?.number ?? 0) + 1, title, reportDueOn: null });
    await tx.insert(inspection).values({ id: ids.inspectionId, orgId: actor.orgId, lotId: ids.lotId, revision: 1 });
    await tx.insert(practiceLot).values({
      lotId: ids.lotId,
      orgId: actor.orgId,
      startedAt: now,
      ...(given.kind === 'car'
        ? {
            kind: given.kind,
            person: actor.userId,
            course: given.course,
            minutes: given.minutes,
            truth: given.truth,
          }
        : { kind: given.kind, person: given.person, ofLot: given.ofLot }),
    });
    await audit(tx, actor, 'practice-begun', { lotId: ids.lotId, detail: { title } });
    return ids;
  });
}

const columns = {
  lotId: practiceLot.lotId,
  kind: practiceLot.kind,
  personId: practiceLot.person,
  personName: user.name,
  course: practiceLot.course,
  minutes: practiceLot.minutes,
  ofLot: practiceLot.ofLot,
  title: lot.title,
  startedAt: practiceLot.startedAt,
  closedAt: practiceLot.closedAt,
  outcome: practiceLot.outcome,
};
const asRow = ({
  personId,
  personName,
  startedAt,
  closedAt,
  ...row
}: {
  personId: string;
  personName: string;
  startedAt: Date;
  closedAt: Date | null;
} & Omit<PracticeRow, 'person' | 'startedAt' | 'closedAt'>): PracticeRow => ({
  ...row,
  person: { id: personId, name: personName },
  startedAt: startedAt.toISOString(),
  closedAt: closedAt?.toISOString() ?? null,
});

/** Most practice lots that a list shows. */
const MOST_ROWS = 500;

/** The house's practice lots, newest first: a manager sees all, an inspector the own and the closed second looks. */
export async function practiceRows(db: Db, actor: Actor): Promise<PracticeRow[]> {
  const rows = await inOrg(db, actor, (tx) =>
    tx
      .select(columns)
      .from(practiceLot)
      .innerJoin(lot, eq(lot.id, practiceLot.lotId))
      .innerJoin(user, eq(user.id, practiceLot.person))
      .where(
        and(
          eq(practiceLot.orgId, actor.orgId),
          mayManage(actor)
            ? undefined
            : sql`(${practiceLot.person} = ${actor.userId} or (${practiceLot.kind} = 'second' and ${practiceLot.closedAt} is not null))`,
        ),
      )
      .orderBy(desc(practiceLot.startedAt))
      .limit(MOST_ROWS),
  );
  return rows.map(asRow);
}

/** A practice lot with its truth, for the program alone; null for a lot that is none. */
export async function practiceOf(
  db: Db,
  actor: Actor,
  lotId: string,
): Promise<(PracticeRow & { readonly truth: PracticeTruth | null }) | null> {
  const [row] = await inOrg(db, actor, (tx) =>
    tx
      .select({ ...columns, truth: practiceLot.truth })
      .from(practiceLot)
      .innerJoin(lot, eq(lot.id, practiceLot.lotId))
      .innerJoin(user, eq(user.id, practiceLot.person))
      .where(and(eq(practiceLot.lotId, lotId), eq(practiceLot.orgId, actor.orgId))),
  );
  return row ? { ...asRow(row), truth: row.truth } : null;
}

/** Closes the actor's own practice lot with what came of it. False where it is closed already or another's. */
export async function closePractice(
  db: Db,
  actor: Actor,
  lotId: string,
  outcome: PracticeOutcome,
  now: Date,
): Promise<boolean> {
  return inOrg(db, actor, async (tx) => {
    const closed = await tx
      .update(practiceLot)
      .set({ closedAt: now, outcome })
      .where(and(eq(practiceLot.lotId, lotId), eq(practiceLot.person, actor.userId), isNull(practiceLot.closedAt)))
      .returning({ lotId: practiceLot.lotId });
    if (closed.length === 0) return false;
    await audit(tx, actor, 'practice-closed', { lotId });
    return true;
  });
}
