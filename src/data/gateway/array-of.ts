import { type SQL, sql } from 'drizzle-orm';

/** Ids or names as one parameter, however many there are; of letters, figures and hyphens alone. */
export const arrayOf = (type: 'uuid' | 'text', values: readonly string[]): SQL =>
  sql`${`{${values.join()}}`}::${sql.raw(type)}[]`;
