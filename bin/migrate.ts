import { fileURLToPath } from 'node:url';
import { sql } from 'drizzle-orm';
import { migrate } from 'drizzle-orm/postgres-js/migrator';
import { openAppRole } from '../src/data/app-role';
import { connect } from '../src/data/db';
import { outdateSummaries } from '../src/data/lot-summaries';
import { boxPlainKeys } from '../src/data/seal-keys';
import { COMPUTED_BY } from '../src/report/computed-by';

/** Number of the advisory lock that migrating takes. */
const MIGRATING = 7_245_001;

/**
 * Brings the tables up to date as their owner (DATABASE_OWNER_URL, else DATABASE_URL), and lets the application's role
 * in with the password that DATABASE_URL gives it.
 */
async function main(): Promise<void> {
  const app = process.env.DATABASE_URL;
  const owner = process.env.DATABASE_OWNER_URL ?? app;
  if (!app || !owner) throw new Error('DATABASE_URL is not set');
  const { db, end } = connect(owner, 1);
  // Servers that start together bring the tables up to date one after the other.
  await db.execute(sql`select pg_advisory_lock(${MIGRATING})`);
  await migrate(db, { migrationsFolder: fileURLToPath(new URL('../src/data/migrations', import.meta.url)) });
  await boxPlainKeys(db);
  await outdateSummaries(db, COMPUTED_BY);
  if (owner === app)
    console.log(
      '· DATABASE_URL is the tables’ owner: with it the server starts for the demo only. Set DATABASE_OWNER_URL too.',
    );
  else await openAppRole(db, new URL(app));
  await db.execute(sql`select pg_advisory_unlock(${MIGRATING})`);
  await end();
}

main().catch((error: unknown) => {
  console.error(
    'The tables could not be brought up to date:',
    error instanceof Error ? error.message.split('\n')[0] : error,
  );
  process.exit(1);
});
