import { drizzle, type PostgresJsDatabase } from 'drizzle-orm/postgres-js';
import postgres from 'postgres';
import * as auth from './tables/auth';
import * as farvin from './tables/farvin';

const schema = { ...auth, ...farvin };
export type Db = PostgresJsDatabase<typeof schema>;
export type Tx = Parameters<Parameters<Db['transaction']>[0]>[0];

/** Opens a pool on a PostgreSQL server. The caller ends it. */
export function connect(url: string, max = 10): { db: Db; end: () => Promise<void> } {
  const client = postgres(url, { max, onnotice: () => {}, connect_timeout: 10 });
  return { db: drizzle(client, { schema }), end: () => client.end({ timeout: 5 }) };
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
