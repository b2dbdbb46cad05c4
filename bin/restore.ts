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
import { filmKey } from '../src/server/film/film-store';
import { photoStore, pictureKey } from '../src/server/photo-store';
import { decryptWith, isEncrypted } from './backup-crypt';
import { hashOf, type Manifest, manifestSchema, signatureSchema, signatureStanding } from './backup-format';
import { pgProgram } from './pg-program';

const owner = process.env.DATABASE_OWNER_URL || process.env.DATABASE_URL || '';
const KNOWN = /^(database\.dump|manifest\.(json|sig)|photos\/[0-9a-f]{64}|films\/\d+-[0-9a-f]{64})$/;

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

/** Re-computes every hash and the signature before anything is touched; the manifest, or why the backup is not good. */
async function verified(file: string, dir: string, { unsigned = false } = {}): Promise<Manifest> {
  const found = new Map<string, string>();
  const manifestFile = path.join(dir, 'manifest.json');
  const signatureFile = path.join(dir, 'manifest.sig');
  await each(file, async (name, stream) => {
    if (name === 'manifest.json') await pipeline(stream, createWriteStream(manifestFile));
    else if (name === 'manifest.sig') await pipeline(stream, createWriteStream(signatureFile));
    else found.set(name, (await hashOf(stream)).sha256);
  });
  const text = await readFile(manifestFile, 'utf8').catch(() => {
    throw new Error('the backup has no manifest: it broke off while it was made');
  });
  const manifest = manifestSchema.parse(JSON.parse(text));
  const signature = await readFile(signatureFile, 'utf8').catch(() => null);
  const standing = signature === null ? 'none' : signatureStanding(text, signatureSchema.parse(JSON.parse(signature)));
  if (standing === 'bad') throw new Error('the manifest was changed since it was signed');
  if (standing !== 'ours' && !unsigned)
    throw new Error(
      `the backup is ${standing === 'none' ? 'not signed' : 'signed by another installation'}. A backup is restored as the owner of the database: if you know where it comes from, say --unsigned`,
    );
  for (const [name, { sha256 }] of Object.entries(manifest.entries)) {
    const now = found.get(name);
    if (now === undefined) throw new Error(`${name} is missing from the backup`);
    if (now !== sha256) throw new Error(`${name} was changed since the backup was made`);
    const named = /^(?:photos\/|films\/\d+-)(.+)$/.exec(name)?.[1];
    if (named && named !== sha256)
      throw new Error(`the picture or film ${named.slice(0, 12)}… is not what its name says`);
    found.delete(name);
  }
  if (found.size > 0) throw new Error(`the backup holds more than its manifest: ${[...found.keys()][0]}`);
  return manifest;
}

/** Proves that the store takes and gives pictures, before anything depends on it. */
async function checkStore(): Promise<void> {
  const key = 'restore-check/probe';
  try {
    await photoStore().put(key, Buffer.from('farvin'));
    const back = await photoStore().get(key);
    await photoStore().remove(key);
    if (back?.toString() !== 'farvin') throw new Error('it does not give back what it was given');
  } catch (error) {
    throw new Error(`the picture store does not work (${error instanceof Error ? error.message : error})`);
  }
}

/** Puts the pictures into the store; those that are there already, whole, are passed over. */
async function restorePictures(file: string, dir: string): Promise<{ added: number; there: number }> {
  const counts = { added: 0, there: 0 };
  const picture = path.join(dir, 'picture');
  await each(file, async (name, stream) => {
    const sha = /^photos\/(.+)$/.exec(name)?.[1];
    const held = sha ? await photoStore().stream(pictureKey(sha, 'full')) : null;
    const whole = held ? (await hashOf(held)).sha256 === sha : false;
    if (!sha || whole) {
      stream.resume();
      if (whole) counts.there++;
      return;
    }
    await pipeline(stream, createWriteStream(picture));
    await photoStore().putFile(pictureKey(sha, 'full'), picture);
    counts.added++;
  });
  return counts;
}

/** Puts the films into the store again, in the parts in which they were kept. */
async function restoreFilms(file: string): Promise<number> {
  let added = 0;
  await each(file, async (name, stream) => {
    const [, size, sha] = /^films\/(\d+)-(.+)$/.exec(name) ?? [];
    if (!size || !sha) return void stream.resume();
    const partBytes = Number(size);
    let part = 0;
    let held = Buffer.alloc(0);
    for await (const piece of stream) {
      held = Buffer.concat([held, piece as Buffer]);
      for (; held.length >= partBytes; held = held.subarray(partBytes))
        await photoStore().put(filmKey(sha, part++), held.subarray(0, partBytes));
    }
    if (held.length > 0) await photoStore().put(filmKey(sha, part), held);
    added++;
  });
  return added;
}

async function restoreDatabase(file: string, dir: string): Promise<void> {
  const { db, end } = connect(owner, 1);
  try {
    await db.execute(
      sql.raw(`do $$ begin create role ${APP_ROLE} nologin; exception when duplicate_object then null; end $$`),
    );
    const dump = path.join(dir, 'database.dump');
    await each(file, async (name, stream) => {
      if (name === 'database.dump') await pipeline(stream, createWriteStream(dump, { mode: 0o600 }));
      else stream.resume();
    });
    await pgProgram('pg_restore', owner, ['--exit-on-error', '--no-owner', '--single-transaction', dump]);
    progress = 'The pictures and the database are restored, but';
    if (process.env.DATABASE_OWNER_URL) await openAppRole(db, new URL(process.env.DATABASE_URL ?? ''));
  } finally {
    await end();
  }
}

async function refuseFull(): Promise<void> {
  const { db, end } = connect(owner, 1);
  try {
    const [row] = await db.execute(sql`select count(*)::int as n from pg_tables where schemaname = 'public'`);
    if ((row as { n: number }).n > 0)
      throw new Error(
        'the database is not empty. A backup is restored into an empty one, so that nothing is overwritten',
      );
  } finally {
    await end();
  }
}

/** What has been done when something goes wrong, as the beginning of a sentence. */
let progress = 'Nothing was restored:';

async function main(): Promise<void> {
  const [given = '', ...words] = process.argv.slice(2);
  const dir = mkdtempSync(path.join(os.tmpdir(), 'farvin-restore-'));
  try {
    let file = given;
    if (await isEncrypted(given)) {
      const key = process.env.FARVIN_BACKUP_SECRET_KEY_FILE;
      if (!key)
        throw new Error('the backup is encrypted: name the file of its secret key in FARVIN_BACKUP_SECRET_KEY_FILE');
      file = path.join(dir, 'backup.zip');
      await decryptWith(key, given, file);
    }
    const manifest = await verified(file, dir, { unsigned: words.includes('--unsigned') });
    await refuseFull();
    await checkStore();
    progress = 'Some pictures are restored and the database is not (restoring again goes on where it stopped):';
    const pictures = await restorePictures(file, dir);
    const films = await restoreFilms(file);
    progress = 'The pictures are restored and the database is not (restoring again goes on from here):';
    await restoreDatabase(file, dir);
    console.log(
      `· Restored the database and ${pictures.added} pictures as of ${manifest.takenAt} (${pictures.there} were there already)${films > 0 ? ` and ${films} films` : ''}; every hash fits.`,
    );
    for (const [what, list] of Object.entries({ missing: manifest.missing, rotten: manifest.rotten }))
      if (list.length > 0)
        console.log(
          `· ${list.length} pictures or films were ${what} when it was made: ${list.map((s) => s.slice(0, 12)).join(', ')}.`,
        );
  } finally {
    rmSync(dir, { recursive: true, force: true });
  }
}

main().catch((error: unknown) => {
  console.error(progress, error instanceof Error ? error.message : error);
  process.exit(1);
});
