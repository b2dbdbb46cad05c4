import { and, desc, eq, ne, sql } from 'drizzle-orm';
import type { Alarm } from '@/core/yard/alarm';
import type { Actor } from './actor';
import { type Db, inOrg } from './db';
import { alarmHeard } from './tables/house';
import { inspection, lot } from './tables/lots';
import { record } from './tables/records';
import { sale } from './tables/sales';

/** As the partial index on records says it (migration 0017); a test holds it to the catalogue's gravest stage. */
export const ALARMING_FLAW = 'structural-loss';
const MOST = 20;

/** Lost structure on lots of open sales of which this manager has not yet taken note, the newest first. */
export async function openAlarms(db: Db, actor: Actor): Promise<Alarm[]> {
  const rows = await inOrg(db, actor, (tx) =>
    tx
      .select({
        id: record.id,
        lotId: lot.id,
        number: lot.number,
        title: lot.title,
        keeper: lot.keeper,
        zone: sql<string>`${record.body}->>'zone'`,
        where: sql<string>`coalesce(${record.body}->>'where', '')`,
        at: sql<string>`${record.body}->>'at'`,
      })
      .from(record)
      .innerJoin(inspection, eq(inspection.id, record.inspectionId))
      .innerJoin(lot, and(eq(lot.id, inspection.lotId), eq(lot.revision, inspection.revision)))
      .innerJoin(sale, and(eq(sale.id, lot.saleId), eq(sale.state, 'open')))
      .where(
        and(
          eq(record.orgId, actor.orgId),
          // Written out, so that the partial index answers.
          sql`${record.kind} = 'finding' and ${record.body}->>'flaw' = 'structural-loss'`,
          sql`${lot.withdrawnAt} is null`,
          ne(inspection.state, 'sealed'),
          sql`not exists (select 1 from ${alarmHeard} where ${alarmHeard.orgId} = ${actor.orgId}
            and ${alarmHeard.recordId} = ${record.id} and ${alarmHeard.userId} = ${actor.userId})`,
        ),
      )
      .orderBy(desc(sql`${record.body}->>'at'`))
      .limit(MOST),
  );
  return rows;
}

/** Writes down that a manager has taken note; again changes nothing. False where no such finding alarms the house. */
export async function hearAlarm(db: Db, actor: Actor, recordId: string, at: Date): Promise<boolean> {
  return inOrg(db, actor, async (tx) => {
    const [found] = await tx
      .select({ id: record.id })
      .from(record)
      .where(
        and(
          eq(record.orgId, actor.orgId),
          eq(record.id, recordId),
          sql`${record.kind} = 'finding' and ${record.body}->>'flaw' = 'structural-loss'`,
        ),
      )
      .limit(1);
    if (!found) return false;
    await tx
      .insert(alarmHeard)
      .values({ orgId: actor.orgId, userId: actor.userId, recordId, at })
      .onConflictDoNothing();
    return true;
  });
}
