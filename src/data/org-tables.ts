import { and, eq, ne } from 'drizzle-orm';
import { type JudgedBy, TABLES, type TableName, type Tables, tablesKept, tablesSealed } from '@/core/grade/all-tables';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, inOrg } from './db';
import { inspection, orgTable } from './tables/farvin';

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

/** Keeps one of an organisation's own tables; null goes back to the shipped one. Grades not sealed are computed anew. */
export async function keepTable<N extends TableName>(
  db: Db,
  actor: Actor,
  table: N,
  value: Tables[N] | null,
): Promise<void> {
  const name = TABLES[table].stored;
  await inOrg(db, actor, async (tx) => {
    const changed =
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
    if (changed.length === 0) return;
    await audit(tx, actor, value === null ? 'numbers-reset' : 'numbers-changed', { detail: { table: name } });
    await tx
      .update(inspection)
      .set({ summaryCount: -1 })
      .where(and(eq(inspection.orgId, actor.orgId), ne(inspection.state, 'sealed')));
  });
}
