import { fileURLToPath } from 'node:url';
import { migrate } from 'drizzle-orm/postgres-js/migrator';
import { openAppRole } from '../src/data/app-role';
import { connect } from '../src/data/db';

/**
 * Brings the tables up to date as their owner (DATABASE_OWNER_URL, else DATABASE_URL), and lets the application's role
 * in with the password that DATABASE_URL gives it.
 */
async function main(): Promise<void> {
  const app = process.env.DATABASE_URL;
  const owner = process.env.DATABASE_OWNER_URL ?? app;
  if (!app || !owner) throw new Error('DATABASE_URL is not set');
  const { db, end } = connect(owner, 1);
  await migrate(db, { migrationsFolder: fileURLToPath(new URL('../src/data/migrations', import.meta.url)) });
  if (owner === app)
    console.log('· The application uses the tables’ owner: set DATABASE_OWNER_URL to keep organisations apart twice.');
  else await openAppRole(db, new URL(app));
  await end();
}

main().catch((error: unknown) => {
  console.error(
    'The tables could not be brought up to date:',
    error instanceof Error ? error.message.split('\n')[0] : error,
  );
  process.exit(1);
});
