import { and, asc, eq, sql } from 'drizzle-orm';
import { v7 as uuidv7 } from 'uuid';
import type { ListStep, PresentLot } from '@/core/yard/lot-list';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, inOrg, type Tx } from './db';
import { insertLot, LOT_FACTS, SAID_DUE, writeFacts } from './lots';
import { saleForUpdate } from './sales';
import { lot } from './tables/lots';

/** A sale's lots by what was said of each, for taking a list in. */
export async function presentLots(db: Db | Tx, actor: Actor, saleId: string): Promise<PresentLot[]> {
  const rows = await inOrg(db, actor, (tx) =>
    tx
      .select({
        id: lot.id,
        number: lot.number,
        begun: sql<boolean>`exists (select 1 from inspection i where i.lot_id = "lot"."id" and i.change_count > 0)`,
        facts: LOT_FACTS,
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
