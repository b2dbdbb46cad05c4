import { createReadStream, createWriteStream, mkdtempSync, renameSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { Readable } from 'node:stream';
import { finished } from 'node:stream/promises';
import { ZipFile } from 'yazl';
import { connect } from '../src/data/db';
import { filmFile } from '../src/data/tables/films';
import { photoFile } from '../src/data/tables/pictures';
import { filmStream, hasFilm } from '../src/server/film/film-store';
import { photoStore, pictureKey } from '../src/server/photo-store';
import { encryptTo } from './backup-crypt';
import { hashing, hashOf, type Manifest, signManifest } from './backup-format';
import { pgProgram } from './pg-program';

const owner = process.env.DATABASE_OWNER_URL || process.env.DATABASE_URL || '';
const ONLY_MINE = 0o600;

/** Adds the pictures of all houses; what is missing from the store, or is not what its name says, is named instead. */
async function addPictures(
  manifest: Manifest,
  add: (name: string, stream: Readable) => Promise<void>,
): Promise<number> {
  const { db, end } = connect(owner, 1);
  const rows = await db.selectDistinct({ sha: photoFile.sha256 }).from(photoFile).orderBy(photoFile.sha256);
  await end();
  let added = 0;
  for (const { sha } of rows) {
    const open = () => photoStore().stream(pictureKey(sha, 'full'));
    const first = await open();
    if (!first) manifest.missing.push(sha);
    else if ((await hashOf(first)).sha256 !== sha) manifest.rotten.push(sha);
    else {
      await add(`photos/${sha}`, (await open()) ?? Readable.from([]));
      added++;
    }
  }
  return added;
}

/** Adds the films of all houses; one whose parts are not all in the store is named instead. */
async function addFilms(manifest: Manifest, add: (name: string, stream: Readable) => Promise<void>): Promise<number> {
  const { db, end } = connect(owner, 1);
  const { sha256, bytes, partBytes } = filmFile;
  const rows = await db.selectDistinct({ sha256, bytes, partBytes }).from(filmFile).orderBy(sha256);
  await end();
  let added = 0;
  for (const film of rows) {
    if (!(await hasFilm(film))) manifest.missing.push(film.sha256);
    else if ((await hashOf(filmStream(film))).sha256 !== film.sha256) manifest.rotten.push(film.sha256);
    else {
      await add(`films/${film.partBytes}-${film.sha256}`, filmStream(film));
      added++;
    }
  }
  return added;
}

/** Writes the backup beside its place first, so that a broken one never stands under its name. For its owner's eyes only. */
async function main(): Promise<void> {
  const out = process.argv[2] ?? '';
  const dir = mkdtempSync(path.join(os.tmpdir(), 'farvin-backup-'));
  const part = `${out}.part`;
  const publicKey = process.env.FARVIN_BACKUP_KEY;
  const manifest: Manifest = {
    format: 'farvin.backup',
    version: 2,
    takenAt: new Date().toISOString(),
    entries: {},
    missing: [],
    rotten: [],
  };
  try {
    const dump = path.join(dir, 'database.dump');
    const plain = publicKey ? path.join(dir, 'backup.zip') : part;
    // The database first: every picture that it speaks of is in the store already.
    await pgProgram('pg_dump', owner, ['--format=custom', '--no-owner', `--file=${dump}`]);
    const zip = new ZipFile();
    const written = finished(zip.outputStream.pipe(createWriteStream(plain, { mode: ONLY_MINE })));
    written.catch(() => {});
    const add = async (name: string, stream: Readable) => {
      const { stream: through, result } = hashing();
      zip.addReadStream(stream.pipe(through), name, { compress: false });
      await finished(through, { writable: false });
      manifest.entries[name] = result();
    };
    await add('database.dump', createReadStream(dump));
    const pictures = await addPictures(manifest, add);
    const films = await addFilms(manifest, add);
    const text = JSON.stringify(manifest, null, 1);
    zip.addBuffer(Buffer.from(text), 'manifest.json');
    const signature = signManifest(text);
    if (signature) zip.addBuffer(Buffer.from(JSON.stringify(signature)), 'manifest.sig');
    zip.end();
    await written;
    if (publicKey) await encryptTo(publicKey, plain, part);
    renameSync(part, out);
    console.log(
      `· Database and ${pictures} pictures${films > 0 ? `, with ${films} films,` : ''} are in ${out}, readable by this account only.`,
    );
    console.log(
      publicKey
        ? '· It is encrypted to FARVIN_BACKUP_KEY.'
        : '· It is not encrypted: whoever has the file has everything in it. Set FARVIN_BACKUP_KEY to a public key.',
    );
    if (!signature) console.log('· It is not signed: FARVIN_SECRET is not set.');
    if (manifest.missing.length > 0)
      console.log(`· ${manifest.missing.length} pictures or films are not in the store and so not in the backup.`);
    if (manifest.rotten.length > 0)
      console.log(
        `· ${manifest.rotten.length} pictures or films in the store are not what their names say (${manifest.rotten.map((s) => s.slice(0, 12)).join(', ')}). They are not in the backup: take them from an older one.`,
      );
  } finally {
    rmSync(dir, { recursive: true, force: true });
    rmSync(part, { force: true });
  }
}

main().catch((error: unknown) => {
  console.error('The backup could not be made:', error instanceof Error ? error.message : error);
  process.exit(1);
});
