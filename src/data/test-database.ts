import { fileURLToPath } from 'node:url';
import { migrate } from 'drizzle-orm/postgres-js/migrator';
import postgres from 'postgres';
import { APP_ROLE, openAppRole } from './app-role';
import { connect, type Db } from './db';

let serial = 0;

/** The role is the whole cluster's: another test may be letting it in at this very moment (SQLSTATE XX000), to the same end. */
async function openedRole(owner: Db, appUrl: URL, tries = 20): Promise<void> {
  try {
    await openAppRole(owner, appUrl);
  } catch (error) {
    const { cause } = error as { cause?: { code?: string } };
    if (cause?.code !== 'XX000' || tries === 0) throw error;
    await openedRole(owner, appUrl, tries - 1);
  }
}

/**
 * An empty database of its own on the tests' server, with all tables. `db` works as the application's role, behind the
 * row-level policies; `owner` is for setting up what the application may not. The caller ends it.
 */
export async function testDatabase(): Promise<{ db: Db; owner: Db; url: string; end: () => Promise<void> }> {
  const server = process.env.FARVIN_TEST_SERVER;
  if (!server) throw new Error('FARVIN_TEST_SERVER is not set: run these tests with npm test -- server');
  const name = `t_${process.pid}_${++serial}`;
  const admin = postgres(server, { max: 1, onnotice: () => {} });
  await admin.unsafe(`drop database if exists ${name} with (force)`);
  await admin.unsafe(`create database ${name}`);
  await admin.end();
  const url = new URL(server);
  url.pathname = `/${name}`;
  const owner = connect(url.href, 2);
  await migrate(owner.db, { migrationsFolder: fileURLToPath(new URL('./migrations', `file://${__filename}`)) });
  const appUrl = new URL(url);
  appUrl.username = APP_ROLE;
  await openedRole(owner.db, appUrl);
  const app = connect(appUrl.href, 6);
  const end = async () => {
    await Promise.all([owner.end(), app.end()]);
  };
  return { db: app.db, owner: owner.db, url: appUrl.href, end };
}
