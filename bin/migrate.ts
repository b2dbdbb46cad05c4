import { fileURLToPath } from 'node:url';
import { migrate } from 'drizzle-orm/postgres-js/migrator';
import { connect } from '../src/data/db';

/** Brings the tables of the database that DATABASE_URL names up to date. */
async function main(): Promise<void> {
  const url = process.env.DATABASE_URL;
  if (!url) throw new Error('DATABASE_URL is not set');
  const { db, end } = connect(url, 1);
  await migrate(db, { migrationsFolder: fileURLToPath(new URL('../src/data/migrations', import.meta.url)) });
  await end();
}

main().catch((error: unknown) => {
  console.error(
    'The tables could not be brought up to date:',
    error instanceof Error ? error.message.split('\n')[0] : error,
  );
  process.exit(1);
});
