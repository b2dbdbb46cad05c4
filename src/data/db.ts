import { sql } from 'drizzle-orm';
import { drizzle, type PostgresJsDatabase } from 'drizzle-orm/postgres-js';
import postgres from 'postgres';
import { type Role, seesOwnOnly } from '@/core/people/roles';
export type Db = PostgresJsDatabase;
export type Tx = Parameters<Parameters<Db['transaction']>[0]>[0];

/** Opens a pool on a PostgreSQL server. The caller ends it. */
export function connect(url: string, max = 10): { db: Db; end: () => Promise<void> } {
  // Our queries are many and short: to compile one takes longer than to run it. "off": the driver sends nothing for false.
  const client = postgres(url, { max, onnotice: () => {}, connect_timeout: 10, connection: { jit: 'off' } });
  return { db: drizzle(client), end: () => client.end({ timeout: 5 }) };
}

/** For whom rows are read and written: a person, or the program for a house. */
export interface House {
  readonly orgId: string;
  readonly role?: Role;
  readonly userId?: string;
}

/**
 * Runs reads and writes of one organisation in one transaction. The database itself shows the app's role only the rows
 * of the organisation named here (migration 0002): a query that forgets its organisation finds nothing.
 */
export function inOrg<T>(db: Db | Tx, who: House, work: (tx: Tx) => Promise<T>): Promise<T> {
  // Who sees own lots only is shown those, and nothing withheld (migrations 0009 and 0013).
  const reader = who.role && seesOwnOnly(who.role) ? (who.userId ?? 'nobody') : '';
  return withSettings(
    db,
    [
      ['farvin.org', who.orgId],
      ['farvin.reader', reader],
      ['farvin.role', who.role ?? ''],
      ['farvin.actor', who.userId ?? ''],
    ],
    work,
  );
}

/** Runs a query in a transaction for which the row-level policies see this setting. */
export function within<T>(
  db: Db | Tx,
  setting: 'farvin.org' | 'farvin.user' | 'farvin.link',
  value: string,
  work: (tx: Tx) => Promise<T>,
): Promise<T> {
  return withSettings(db, [[setting, value]], work);
}

function withSettings<T>(
  db: Db | Tx,
  settings: readonly (readonly [name: string, value: string])[],
  work: (tx: Tx) => Promise<T>,
): Promise<T> {
  const all = sql.join(
    settings.map(([name, value]) => sql`set_config(${name}, ${value}, true)`),
    sql`, `,
  );
  return db.transaction(async (tx) => {
    // Started first (a query starts when `then` is asked for), so both go out in one round trip, in this order.
    const set = tx.execute(sql`select ${all}`).then(() => {});
    const [, result] = await Promise.all([set, work(tx)]);
    return result;
  });
}

const held = globalThis as { farvinDb?: { db: Db; end: () => Promise<void> } };

/** The server's own pool, opened at first use from DATABASE_URL. */
export function db(): Db {
  if (!held.farvinDb) {
    const url = process.env.DATABASE_URL;
    if (!url)
      throw new Error('DATABASE_URL is not set: start Farvin with npm run demo, or set it to a PostgreSQL address.');
    held.farvinDb = connect(url);
  }
  return held.farvinDb.db;
}
