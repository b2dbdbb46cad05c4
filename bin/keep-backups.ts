import { mkdirSync, mkdtempSync, readdirSync, rmSync, statSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { eq, sql } from 'drizzle-orm';
import { connect, type Db } from '../src/data/db';
import { checkLog } from '../src/data/log';
import { backupRun } from '../src/data/tables/house';
import { inspection } from '../src/data/tables/lots';
import { backupMoment, backupName, outlived } from './retention';
import { runTs } from './steps.mjs';

const owner = process.env.DATABASE_OWNER_URL || process.env.DATABASE_URL || '';
const dir = process.env.FARVIN_BACKUPS ?? '';
const HOUR_MS = 3600_000;
/** A backup a day, and the newest one proved once a week by restoring it. House values. */
const EVERY_MS = { backup: 24 * HOUR_MS, proof: 7 * 24 * HOUR_MS } as const;

type What = keyof typeof EVERY_MS;
type Run = typeof backupRun.$inferSelect;

const finish = (db: Db, id: number, set: Partial<Run>) =>
  db
    .update(backupRun)
    .set({ finishedAt: new Date(), ...set })
    .where(eq(backupRun.id, id));

/** Does one run and writes down what became of it. */
async function doing(db: Db, run: Pick<Run, 'id'>, work: () => Promise<Partial<Run>>): Promise<boolean> {
  await db.update(backupRun).set({ state: 'making' }).where(eq(backupRun.id, run.id));
  try {
    await finish(db, run.id, { state: 'ready', ...(await work()) });
    return true;
  } catch (error) {
    await finish(db, run.id, {
      state: 'failed',
      message: (error instanceof Error ? error.message : String(error)).slice(0, 500),
    });
    return false;
  }
}

/** Makes a backup under its moment's name, then takes away those that have served their time. */
async function backup(): Promise<Partial<Run>> {
  mkdirSync(dir, { recursive: true, mode: 0o700 });
  const file = path.join(dir, backupName(new Date()));
  await runTs('bin/backup.ts', [file], { quiet: true });
  const gone = outlived(readdirSync(dir));
  for (const name of gone) rmSync(path.join(dir, name));
  return {
    file: path.basename(file),
    bytes: statSync(file).size,
    message: gone.length > 0 ? `${gone.length} older ones went` : '',
  };
}

const newest = () =>
  existing()
    .sort((a, b) => b.at.getTime() - a.at.getTime())
    .at(0);
const existing = () =>
  (statSync(dir, { throwIfNoEntry: false }) ? readdirSync(dir) : []).flatMap((name) => {
    const at = backupMoment(name);
    return at ? [{ name, at }] : [];
  });

/**
 * Restores the newest backup into a database and a folder of its own, checks every log in it line by line, and takes both
 * away again: a backup that was never restored is a hope.
 */
async function proof(db: Db): Promise<Partial<Run>> {
  const found = newest();
  if (!found) throw new Error('there is no backup to prove yet');
  const name = `farvin_proof_${process.pid}`;
  const photos = mkdtempSync(path.join(os.tmpdir(), 'farvin-proof-'));
  const at = new URL(owner);
  at.pathname = `/${name}`;
  await db.execute(sql.raw(`create database ${name}`));
  try {
    // Without an owner named apart, restoring leaves the application's role as it is.
    const env = { DATABASE_OWNER_URL: '', DATABASE_URL: at.href, PHOTO_STORE: photos };
    await runTs('bin/restore.ts', [path.join(dir, found.name)], { env, quiet: true });
    const { db: restored, end } = connect(at.href, 1);
    try {
      const all = await restored.select({ id: inspection.id }).from(inspection);
      for (const { id } of all) {
        const verdict = await restored.transaction((tx) => checkLog(tx, id));
        if (!verdict.whole) throw new Error(`the log of inspection ${id} in ${found.name} is not whole`);
      }
      return {
        file: found.name,
        bytes: statSync(path.join(dir, found.name)).size,
        message: `${all.length} inspections, every log whole`,
      };
    } finally {
      await end();
    }
  } finally {
    await db.execute(sql.raw(`drop database if exists ${name} with (force)`));
    rmSync(photos, { recursive: true, force: true });
  }
}

const begun = async (db: Db, what: What) => (await db.insert(backupRun).values({ what }).returning())[0]!;

/** Whether the last good run of a sort lies further back than its time. */
async function isDue(db: Db, what: What, now: Date): Promise<boolean> {
  const [row] = await db.execute<{ at: string | null }>(
    sql`select max(at)::text as at from backup_run where what = ${what} and state = 'ready'`,
  );
  // A failed one is tried again after an hour, not at once.
  const [failed] = await db.execute<{ at: string | null }>(
    sql`select max(at)::text as at from backup_run where what = ${what} and state = 'failed'`,
  );
  const since = (at: string | null | undefined) =>
    at ? now.getTime() - new Date(at).getTime() : Number.POSITIVE_INFINITY;
  return since(row?.at) >= EVERY_MS[what] && since(failed?.at) >= HOUR_MS;
}

const WORK: Readonly<Record<What, (db: Db) => Promise<Partial<Run>>>> = { backup, proof };

/** `once`: what was asked for and what is due. `backup`, `proof`: that, now. */
async function main(): Promise<void> {
  const [asked = 'once'] = process.argv.slice(2);
  if (!['once', ...Object.keys(WORK)].includes(asked)) throw new Error('usage: keep-backups [once|backup|proof]');
  if (dir === '') throw new Error('FARVIN_BACKUPS names the folder in which backups are kept');
  const { db, end } = connect(owner, 2);
  let good = true;
  try {
    const work = async (run: Run) => {
      good = (await doing(db, run, () => WORK[run.what](db))) && good;
    };
    if (asked !== 'once') await work(await begun(db, asked as What));
    else {
      // What a program that ended was making is made by nobody any more.
      await db.execute(sql`update backup_run set state = 'failed', finished_at = now(), message = 'the program ended while it was made'
        where state = 'making' and at < now() - interval '6 hours'`);
      for (const run of await db.select().from(backupRun).where(eq(backupRun.state, 'asked'))) await work(run);
      for (const what of ['backup', 'proof'] as const)
        if (await isDue(db, what, new Date())) await work(await begun(db, what));
    }
  } finally {
    await end();
  }
  if (!good) process.exitCode = 1;
}

main().catch((error: unknown) => {
  console.error('Backups could not be looked after:', error instanceof Error ? error.message.split('\n')[0] : error);
  process.exit(1);
});
