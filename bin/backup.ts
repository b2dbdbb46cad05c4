import { createReadStream, createWriteStream, mkdtempSync, renameSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import type { Readable } from 'node:stream';
import { finished } from 'node:stream/promises';
import { ZipFile } from 'yazl';
import { connect } from '../src/data/db';
import { photoFile } from '../src/data/tables/farvin';
import { photoStore, pictureKey } from '../src/server/photo-store';
import { hashing, type Manifest } from './backup-format';
import { pgProgram } from './pg-program';

const owner = process.env.DATABASE_OWNER_URL || process.env.DATABASE_URL || '';

/** Writes the backup beside its place first, so that a broken one never stands under its name. */
async function main(): Promise<void> {
  const out = process.argv[2] ?? '';
  const dir = mkdtempSync(path.join(os.tmpdir(), 'farvin-backup-'));
  const part = `${out}.part`;
  const manifest: Manifest = {
    format: 'farvin.backup',
    version: 1,
    takenAt: new Date().toISOString(),
    entries: {},
    missing: [],
  };
  try {
    const dump = path.join(dir, 'database.dump');
    // The database first: every picture that it speaks of is in the store already.
    await pgProgram('pg_dump', ['--format=custom', '--no-owner', `--file=${dump}`, owner]);
    const zip = new ZipFile();
    const written = finished(zip.outputStream.pipe(createWriteStream(part)));
    written.catch(() => {});
    const add = async (name: string, stream: Readable) => {
      const { stream: through, result } = hashing();
      zip.addReadStream(stream.pipe(through), name, { compress: false });
      await finished(through, { writable: false });
      manifest.entries[name] = result();
    };
    await add('database.dump', createReadStream(dump));
    const { db, end } = connect(owner, 1);
    const rows = await db.selectDistinct({ sha: photoFile.sha256 }).from(photoFile).orderBy(photoFile.sha256);
    await end();
    for (const { sha } of rows) {
      const stream = await photoStore().stream(pictureKey(sha, 'full'));
      if (stream) await add(`photos/${sha}`, stream);
      else manifest.missing.push(sha);
    }
    zip.addBuffer(Buffer.from(JSON.stringify(manifest, null, 1)), 'manifest.json');
    zip.end();
    await written;
    renameSync(part, out);
    const pictures = rows.length - manifest.missing.length;
    console.log(`· Database and ${pictures} pictures are in ${out}.`);
    if (manifest.missing.length > 0)
      console.log(`· ${manifest.missing.length} pictures are not in the store and so not in the backup.`);
  } finally {
    rmSync(dir, { recursive: true, force: true });
    rmSync(part, { force: true });
  }
}

main().catch((error: unknown) => {
  console.error('The backup could not be made:', error instanceof Error ? error.message : error);
  process.exit(1);
});
