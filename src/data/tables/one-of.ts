import { sql } from 'drizzle-orm';

/** That a column holds one of some values. */
export const oneOf = (column: string, values: readonly string[]) =>
  sql.raw(`${column} in (${values.map((v) => `'${v}'`).join(', ')})`);
