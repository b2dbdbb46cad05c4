import { fileURLToPath } from 'node:url';
import { migrate } from 'drizzle-orm/postgres-js/migrator';
import postgres from 'postgres';
import { connect, type Db } from './db';

let serial = 0;

/** An empty database of its own on the tests' server, with all tables. The caller ends it. */
export async function testDatabase(): Promise<{ db: Db; url: string; end: () => Promise<void> }> {
  const server = process.env.FARVIN_TEST_SERVER;
  if (!server) throw new Error('FARVIN_TEST_SERVER is not set: run these tests with npm test -- server');
  const name = `t_${process.pid}_${++serial}`;
  const admin = postgres(server, { max: 1, onnotice: () => {} });
  await admin.unsafe(`drop database if exists ${name} with (force)`);
  await admin.unsafe(`create database ${name}`);
  await admin.end();
  const url = new URL(server);
  url.pathname = `/${name}`;
  const { db, end } = connect(url.href, 6);
  await migrate(db, { migrationsFolder: fileURLToPath(new URL('./migrations', `file://${__filename}`)) });
  return { db, url: url.href, end };
}
