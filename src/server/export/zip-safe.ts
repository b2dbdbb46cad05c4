import { createWriteStream } from 'node:fs';
import path from 'node:path';
import { Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import yauzl, { type Entry, type ZipFile } from 'yauzl';

/** What a bundle's ZIP may hold; house bounds against archives that unpack to more than they say. */
export const ZIP_LIMITS = {
  entries: 5000,
  /** Bytes of one picture and of the records, unpacked. */
  entryBytes: 40 * 1024 * 1024,
  /** Bytes of all, unpacked. */
  totalBytes: 4 * 1024 * 1024 * 1024,
} as const;

export type ZipRefusal = 'not-a-zip' | 'too-many' | 'too-large' | 'odd-name' | 'twice' | 'damaged';
export class ZipRefused extends Error {
  constructor(
    readonly reason: ZipRefusal,
    readonly entry = '',
  ) {
    super(`${reason} ${entry}`.trim());
  }
}

const NAMES = /^(bundle\.json|photos\/([0-9a-f]{64})\.(jpg|png|webp))$/;
/** Other files of a report's ZIP: passed over, never written. */
const PASSED_OVER = /^(README\.txt|readings\.csv|report\.pdf|report\.farvin-report\.json|photos\/)$/;

const opened = (file: string): Promise<ZipFile> =>
  new Promise((resolve, reject) => {
    yauzl.open(
      file,
      { lazyEntries: true, autoClose: false, validateEntrySizes: true, strictFileNames: true },
      (error, zip) => (error ? reject(new ZipRefused('not-a-zip')) : resolve(zip)),
    );
  });

/** Stops a stream that gives more than it may. */
function bounded(limit: number, count: { total: number }, name: string): Transform {
  let own = 0;
  return new Transform({
    transform(piece: Buffer, _encoding, done) {
      own += piece.length;
      count.total += piece.length;
      if (own > limit || count.total > ZIP_LIMITS.totalBytes) done(new ZipRefused('too-large', name));
      else done(null, piece);
    },
  });
}

/**
 * Unpacks a bundle's ZIP into a folder: `bundle.json` and the pictures by their hash, nothing else. The names in the
 * archive are matched, never used as paths; sizes are counted as they come, whatever the archive says of them. Throws
 * {@link ZipRefused}.
 */
export async function unpackBundle(
  file: string,
  dir: string,
): Promise<{ bundle: string; photos: Map<string, string> }> {
  const zip = await opened(file);
  const count = { total: 0 };
  const photos = new Map<string, string>();
  let bundle: string | null = null;
  if (zip.entryCount > ZIP_LIMITS.entries) {
    zip.close();
    throw new ZipRefused('too-many');
  }
  const take = async (entry: Entry) => {
    const name = entry.fileName;
    if (PASSED_OVER.test(name)) return;
    const match = NAMES.exec(name);
    if (!match) throw new ZipRefused('odd-name', name.slice(0, 80));
    const sha = match[2] ?? null;
    const target = path.join(dir, sha ?? 'bundle.json');
    if (sha === null ? bundle !== null : photos.has(sha)) throw new ZipRefused('twice', name);
    const stream = await new Promise<NodeJS.ReadableStream>((resolve, reject) => {
      zip.openReadStream(entry, (error, s) => (error ? reject(error) : resolve(s)));
    });
    await pipeline(stream, bounded(ZIP_LIMITS.entryBytes, count, name), createWriteStream(target));
    if (sha === null) bundle = target;
    else photos.set(sha, target);
  };
  try {
    await new Promise<void>((resolve, reject) => {
      zip.on('error', () => reject(new ZipRefused('damaged')));
      zip.on('end', resolve);
      zip.on('entry', (entry: Entry) => {
        take(entry).then(
          () => zip.readEntry(),
          (error: unknown) =>
            reject(error instanceof ZipRefused ? error : new ZipRefused('damaged', entry.fileName.slice(0, 80))),
        );
      });
      zip.readEntry();
    });
  } finally {
    zip.close();
  }
  if (bundle === null) throw new ZipRefused('odd-name', 'bundle.json is not there');
  return { bundle, photos };
}
