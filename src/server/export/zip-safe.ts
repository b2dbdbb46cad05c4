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

const PHOTO = /^photos\/([0-9a-f]{64})\.(jpg|png|webp)$/;
/** Files of our ZIPs: the one asked for is taken, the others are passed over, never written. */
const OTHERS =
  /^(README\.txt|readings\.csv|report\.pdf|report\.farvin-report\.json|bundle\.json|photos\/|blurred\/[0-9a-f]{64}\.webp)$/;

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

/** Unpacks a bundle's ZIP: its records and pictures (see {@link unpack}). */
export async function unpackBundle(file: string, dir: string) {
  const { main, photos } = await unpack(file, dir, 'bundle.json');
  return { bundle: main, photos };
}

/** Unpacks the sealed report out of a report's ZIP, with its pictures (see {@link unpack}). */
export async function unpackReport(file: string, dir: string) {
  const { main, photos } = await unpack(file, dir, 'report.farvin-report.json');
  return { report: main, photos };
}

/**
 * Unpacks a ZIP of ours into a folder: the file asked for and the pictures by their hash, nothing else. The names in the
 * archive are matched, never used as paths; sizes are counted as they come, whatever the archive says of them. Throws
 * {@link ZipRefused}.
 */
async function unpack(
  file: string,
  dir: string,
  wanted: 'bundle.json' | 'report.farvin-report.json',
): Promise<{ main: string; photos: Map<string, string> }> {
  const zip = await opened(file);
  const count = { total: 0 };
  const photos = new Map<string, string>();
  let main: string | null = null;
  if (zip.entryCount > ZIP_LIMITS.entries) {
    zip.close();
    throw new ZipRefused('too-many');
  }
  const take = async (entry: Entry) => {
    const name = entry.fileName;
    const match = PHOTO.exec(name);
    if (!match && name !== wanted && OTHERS.test(name)) return;
    if (!match && name !== wanted) throw new ZipRefused('odd-name', name.slice(0, 80));
    const sha = match?.[1] ?? null;
    const target = path.join(/*turbopackIgnore: true*/ dir, sha ?? wanted);
    if (sha === null ? main !== null : photos.has(sha)) throw new ZipRefused('twice', name);
    const stream = await new Promise<NodeJS.ReadableStream>((resolve, reject) => {
      zip.openReadStream(entry, (error, s) => (error ? reject(error) : resolve(s)));
    });
    await pipeline(stream, bounded(ZIP_LIMITS.entryBytes, count, name), createWriteStream(target));
    if (sha === null) main = target;
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
  if (main === null) throw new ZipRefused('odd-name', `${wanted} is not there`);
  return { main, photos };
}
