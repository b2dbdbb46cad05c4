import { spawn, spawnSync } from 'node:child_process';
import path from 'node:path';
import postgres from 'postgres';
import { testDatabase } from '@/data/test-database';

const ROOT = path.resolve(__dirname, '..');

/** What a server says of its database before it serves; empty where it would start. */
function checked(url: string, options: object = {}): string {
  const script = `import { checkDatabase } from ${JSON.stringify(path.join(ROOT, 'bin', 'check-database.mjs'))};
    await checkDatabase(${JSON.stringify(url)}, ${JSON.stringify(options)}).catch((e) => console.log(e.message));`;
  const { stdout } = spawnSync(process.execPath, ['--input-type=module', '-e', script], { encoding: 'utf8' });
  return stdout.trim();
}

it('starts on the tables it knows, as the application’s role; refuses the owner, older and newer tables', async () => {
  const { url, end } = await testDatabase();
  const owned = new URL(process.env.FARVIN_TEST_SERVER!);
  owned.pathname = new URL(url).pathname;
  expect(checked(url)).toBe('');
  expect(checked(owned.href)).toContain('the tables’ owner');
  expect(checked(owned.href, { demo: true })).toBe('');
  const sql = postgres(owned.href, { max: 1 });
  const [row] = await sql`select max(created_at)::float8 as n from drizzle.__drizzle_migrations`;
  await sql.end();
  const now = Number(row!.n);
  expect(checked(url, { known: now + 1 })).toContain('older than this program');
  expect(checked(url, { known: now - 1 })).toContain('newer than this program');
  await end();
});

it('brings tables up to date once, however many servers start together', async () => {
  const name = `migrating_${process.pid}`;
  const admin = postgres(process.env.FARVIN_TEST_SERVER!, { max: 1, onnotice: () => {} });
  await admin.unsafe(`create database ${name}`);
  const url = new URL(process.env.FARVIN_TEST_SERVER!);
  url.pathname = `/${name}`;
  const migrate = () =>
    new Promise<number | null>((resolve) => {
      const child = spawn(process.execPath, ['--import', 'tsx', path.join(ROOT, 'bin', 'migrate.ts')], {
        env: { ...process.env, DATABASE_URL: url.href, DATABASE_OWNER_URL: url.href },
        stdio: 'ignore',
        cwd: ROOT,
      });
      child.on('close', resolve);
    });
  expect(await Promise.all([migrate(), migrate(), migrate()])).toEqual([0, 0, 0]);
  await admin.unsafe(`drop database ${name} with (force)`);
  await admin.end();
});
