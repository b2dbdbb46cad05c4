import { createWriteStream, mkdtempSync, rmSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import os from 'node:os';
import path from 'node:path';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { sql } from 'drizzle-orm';
import yauzl, { type Entry, type ZipFile } from 'yauzl';
import { APP_ROLE, openAppRole } from '../src/data/app-role';
import { connect } from '../src/data/db';
import { photoStore, pictureKey } from '../src/server/photo-store';
import { hashOf, type Manifest, manifestSchema } from './backup-format';
import { pgProgram } from './pg-program';

const owner = process.env.DATABASE_OWNER_URL || process.env.DATABASE_URL || '';
const KNOWN = /^(database\.dump|manifest\.json|photos\/[0-9a-f]{64})$/;

const opened = (file: string): Promise<ZipFile> =>
  new Promise((resolve, reject) => {
    yauzl.open(file, { lazyEntries: true, autoClose: false }, (error, zip) =>
      error ? reject(new Error('this file is no backup')) : resolve(zip),
    );
  });

/** Calls `visit` with each entry in turn. */
async function each(file: string, visit: (name: string, stream: Readable) => Promise<void>): Promise<void> {
  const zip = await opened(file);
  const visitOne = async (entry: Entry) => {
    if (!KNOWN.test(entry.fileName)) throw new Error(`the backup holds a file that it should not: ${entry.fileName}`);
    const stream = await new Promise<Readable>((resolve, reject) => {
      zip.openReadStream(entry, (error, s) => (error ? reject(error) : resolve(s)));
    });
    await visit(entry.fileName, stream);
  };
  try {
    await new Promise<void>((resolve, reject) => {
      zip.on('error', () => reject(new Error('the backup is damaged')));
      zip.on('end', resolve);
      zip.on('entry', (entry: Entry) => void visitOne(entry).then(() => zip.readEntry(), reject));
      zip.readEntry();
    });
  } finally {
    zip.close();
  }
}

/** Re-computes every hash before anything is touched; the manifest, or the reason why the backup is not good. */
async function verified(file: string, dir: string): Promise<Manifest> {
  const found = new Map<string, string>();
  const manifestFile = path.join(dir, 'manifest.json');
  await each(file, async (name, stream) => {
    if (name === 'manifest.json') await pipeline(stream, createWriteStream(manifestFile));
    else found.set(name, (await hashOf(stream)).sha256);
  });
  const text = await readFile(manifestFile, 'utf8').catch(() => {
    throw new Error('the backup has no manifest: it broke off while it was made');
  });
  const manifest = manifestSchema.parse(JSON.parse(text));
  for (const [name, { sha256 }] of Object.entries(manifest.entries)) {
    const now = found.get(name);
    if (now === undefined) throw new Error(`${name} is missing from the backup`);
    if (now !== sha256) throw new Error(`${name} was changed since the backup was made`);
    found.delete(name);
  }
  if (found.size > 0) throw new Error(`the backup holds more than its manifest: ${[...found.keys()][0]}`);
  return manifest;
}

async function main(): Promise<void> {
  const file = process.argv[2] ?? '';
  const dir = mkdtempSync(path.join(os.tmpdir(), 'farvin-restore-'));
  const { db, end } = connect(owner, 1);
  try {
    const manifest = await verified(file, dir);
    const [row] = await db.execute(sql`select count(*)::int as n from pg_tables where schemaname = 'public'`);
    if ((row as { n: number }).n > 0)
      throw new Error(
        'the database is not empty. A backup is restored into an empty one, so that nothing is overwritten',
      );
    await db.execute(
      sql.raw(`do $$ begin create role ${APP_ROLE} nologin; exception when duplicate_object then null; end $$`),
    );
    const dump = path.join(dir, 'database.dump');
    await each(file, async (name, stream) => {
      if (name === 'database.dump') await pipeline(stream, createWriteStream(dump));
      else stream.resume();
    });
    await pgProgram('pg_restore', ['--exit-on-error', '--no-owner', '--single-transaction', `--dbname=${owner}`, dump]);
    if (process.env.DATABASE_OWNER_URL) await openAppRole(db, new URL(process.env.DATABASE_URL ?? ''));
    let pictures = 0;
    const picture = path.join(dir, 'picture');
    await each(file, async (name, stream) => {
      const sha = /^photos\/(.+)$/.exec(name)?.[1];
      if (!sha) {
        stream.resume();
        return;
      }
      await pipeline(stream, createWriteStream(picture));
      await photoStore().putFile(pictureKey(sha, 'full'), picture);
      pictures++;
    });
    console.log(`· Restored the database and ${pictures} pictures as of ${manifest.takenAt}; every hash fits.`);
  } finally {
    await end();
    rmSync(dir, { recursive: true, force: true });
  }
}

main().catch((error: unknown) => {
  console.error('Nothing was restored:', error instanceof Error ? error.message : error);
  process.exit(1);
});
