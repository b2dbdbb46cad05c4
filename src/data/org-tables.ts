import { and, desc, eq, ne } from 'drizzle-orm';
import { type JudgedBy, TABLES, type TableName, type Tables, tablesKept, tablesSealed } from '@/core/grade/all-tables';
import { canonicalText } from '@/core/seal/seal';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, inOrg, type Tx } from './db';
import { orgTableChange } from './tables/house';
import { inspection } from './tables/lots';
import { orgTable } from './tables/organisations';

/** The organisation's tables of domain numbers. */
export async function orgTables(db: Db, actor: Actor): Promise<JudgedBy> {
  const rows = await inOrg(db, actor, (tx) => tx.select().from(orgTable).where(eq(orgTable.orgId, actor.orgId)));
  return tablesKept(new Map(rows.map((r) => [r.name, r.value])));
}

/** The tables that a sealed report holds, in the place of the house's own of today; numbers it lacks are as shipped. */
export function tablesAsSealed(sealed: unknown, today: JudgedBy): JudgedBy {
  return typeof sealed === 'object' && sealed !== null && !Array.isArray(sealed)
    ? tablesSealed(sealed as Record<string, unknown>, { complete: true })
    : today;
}

/**
 * Keeps tables of an organisation's own, all or none; null goes back to the shipped one. Grades not sealed are computed anew.
 */
export async function keepTables(
  db: Db,
  actor: Actor,
  values: { readonly [N in TableName]?: Tables[N] | null },
): Promise<void> {
  await inOrg(db, actor, async (tx) => {
    let any = false;
    for (const [table, value] of Object.entries(values)) {
      const name = TABLES[table as TableName].stored;
      const changed = await keepOne(tx, actor, name, value);
      if (!changed) continue;
      any = true;
      await audit(tx, actor, value === null ? 'numbers-reset' : 'numbers-changed', { detail: { table: name } });
    }
    if (!any) return;
    await tx
      .update(inspection)
      .set({ summaryCount: -1 })
      .where(and(eq(inspection.orgId, actor.orgId), ne(inspection.state, 'sealed')));
  });
}

/** Writes or takes away one own table; whether there was anything to do. */
async function keepOne(tx: Tx, actor: Actor, name: string, value: unknown): Promise<boolean> {
  const [present] = await tx
    .select({ value: orgTable.value })
    .from(orgTable)
    .where(and(eq(orgTable.orgId, actor.orgId), eq(orgTable.name, name)))
    .for('update');
  if (present && value !== null && canonicalText(present.value) === canonicalText(value)) return false;
  const done =
    value === null
      ? await tx
          .delete(orgTable)
          .where(and(eq(orgTable.orgId, actor.orgId), eq(orgTable.name, name)))
          .returning({ name: orgTable.name })
      : await tx
          .insert(orgTable)
          .values({ orgId: actor.orgId, name, value })
          .onConflictDoUpdate({ target: [orgTable.orgId, orgTable.name], set: { value } })
          .returning({ name: orgTable.name });
  if (done.length === 0) return false;
  await tx.insert(orgTableChange).values({
    orgId: actor.orgId,
    name,
    actorId: actor.userId,
    actorName: actor.name,
    before: present?.value ?? null,
    after: value,
  });
  return true;
}

/** Stored names of the tables that the actor's house has of its own. */
export async function ownTableNames(db: Db, actor: Actor): Promise<string[]> {
  const rows = await inOrg(db, actor, (tx) =>
    tx.select({ name: orgTable.name }).from(orgTable).where(eq(orgTable.orgId, actor.orgId)),
  );
  return rows.map((r) => r.name);
}

/** One change of a table of numbers; null before or after is the shipped one. */
export interface TableChange {
  readonly id: number;
  readonly at: Date;
  readonly who: string;
  readonly before: unknown;
  readonly after: unknown;
}

/** How a table of the actor's house changed, newest first, as far as it was written down (from 26 November 2026 on). */
export async function tableHistory(db: Db, actor: Actor, name: TableName, limit = 50): Promise<TableChange[]> {
  return inOrg(db, actor, (tx) =>
    tx
      .select({
        id: orgTableChange.id,
        at: orgTableChange.at,
        who: orgTableChange.actorName,
        before: orgTableChange.before,
        after: orgTableChange.after,
      })
      .from(orgTableChange)
      .where(and(eq(orgTableChange.orgId, actor.orgId), eq(orgTableChange.name, TABLES[name].stored)))
      .orderBy(desc(orgTableChange.id))
      .limit(limit),
  );
}
