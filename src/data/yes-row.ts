import type { SQL } from 'drizzle-orm';
import type { PgInsertValue, PgTable } from 'drizzle-orm/pg-core';
import type { Tx } from './db';

/**
 * Writes a row whose being there says yes, such as that a lot is lent, or takes it out; whether there was anything to do.
 * `where` names that very row.
 */
export async function setYes<T extends PgTable>(
  tx: Tx,
  table: T,
  row: PgInsertValue<T>,
  where: SQL | undefined,
  yes: boolean,
): Promise<boolean> {
  const done = yes
    ? await tx.insert(table).values(row).onConflictDoNothing().returning()
    : await tx
        .delete(table as PgTable)
        .where(where)
        .returning();
  return (done as readonly unknown[]).length > 0;
}
