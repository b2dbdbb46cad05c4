import { and, eq, ne } from 'drizzle-orm';
import { type JudgedBy, TABLES, type TableName, type Tables, tablesKept, tablesSealed } from '@/core/grade/all-tables';
import type { Actor } from './actor';
import { audit } from './audit';
import { type Db, inOrg, type Tx } from './db';
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
  return done.length > 0;
}
