import { spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { askBackup, backupRuns } from '@/data/backups';
import { testDatabase } from '@/data/test-database';
import { testHouse } from '@/data/test-house';

const ROOT = path.resolve(__dirname, '..');
const dir = mkdtempSync(path.join(os.tmpdir(), 'farvin-keeping-'));
const backups = path.join(dir, 'backups');
const DEBIAN = '/usr/lib/postgresql';
const PG_BIN = path.join(DEBIAN, readdirSync(DEBIAN).sort((a, b) => Number(b) - Number(a))[0]!, 'bin');
afterAll(() => rmSync(dir, { recursive: true, force: true }));

it('makes what is asked for and due, proves it by restoring, tells what failed, and leaves nothing behind', async () => {
  const { db, owner, url, end } = await testDatabase();
  const house = await testHouse(db, owner, 'kept');
  await house.readyLot();
  const owned = new URL(process.env.FARVIN_TEST_SERVER!);
  owned.pathname = new URL(url).pathname;
  const keep = (word: string) =>
    spawnSync(process.execPath, ['--import', 'tsx', path.join(ROOT, 'bin', 'keep-backups.ts'), word], {
      encoding: 'utf8',
      env: {
        ...process.env,
        DATABASE_OWNER_URL: owned.href,
        DATABASE_URL: url,
        PHOTO_STORE: path.join(dir, 'photos'),
        FARVIN_BACKUPS: backups,
        PG_BIN,
      },
    }).status;
  const told = async () => (await backupRuns(db)).map((r) => [r.what, r.state, r.askedBy]).reverse();

  // Nothing to prove yet: said, not passed over.
  expect(keep('proof')).toBe(1);
  expect(await told()).toEqual([['proof', 'failed', '']]);
  expect((await backupRuns(db))[0]!.message).toBe('there is no backup to prove yet');

  expect(await askBackup(db, 'Petra')).toBe(true);
  expect(keep('once')).toBe(0);
  // What was asked for serves as the day's one.
  expect(await told()).toEqual([
    ['proof', 'failed', ''],
    ['backup', 'ready', 'Petra'],
  ]);
  const [file] = readdirSync(backups);
  expect((await backupRuns(db))[0]).toMatchObject({ file, message: '' });

  expect(keep('proof')).toBe(0);
  expect((await backupRuns(db))[0]).toMatchObject({
    what: 'proof',
    state: 'ready',
    message: '1 inspections, every log whole',
  });
  const [left] = await owner.execute("select count(*)::int as n from pg_database where datname like 'farvin_proof_%'");
  expect(left!.n).toBe(0);

  // A spoilt one is no proof.
  writeFileSync(path.join(backups, file!), 'no backup at all');
  expect(keep('proof')).toBe(1);
  expect((await backupRuns(db))[0]).toMatchObject({ what: 'proof', state: 'failed' });
  expect(keep('once')).toBe(0);
  await end();
});
