import { createWriteStream, mkdtempSync } from 'node:fs';
import { rm } from 'node:fs/promises';
import os from 'node:os';
import path from 'node:path';
import { Readable, Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { ReadableStream as WebStream } from 'node:stream/web';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { claim, giveBack } from '@/data/rate-buckets';
import { salesOf } from '@/data/sales';
import { notFound, problem, route } from '@/server/api';
import { importBundle } from '@/server/export/import-bundle';
import { StoreTrouble } from '@/server/object-store';

const MOST_BYTES = 4 * 1024 * 1024 * 1024;

/** A house imports one bundle at a time, since an import may take gigabytes of room; a claim left behind lapses after this. */
const LONGEST_IMPORT_S = 3600;

class TooLarge extends Error {}

/** Writes the body to a file as it comes, without holding it. */
async function toFile(request: Request, file: string): Promise<void> {
  let size = 0;
  const limit = new Transform({
    transform(piece: Buffer, _encoding, done) {
      size += piece.length;
      done(size > MOST_BYTES ? new TooLarge() : null, piece);
    },
  });
  await pipeline(Readable.fromWeb(request.body as unknown as WebStream), limit, createWriteStream(file));
}

/**
 * Takes a bundle into a sale, as JSON or ZIP with pictures. The answer comes line by line as JSON: `{done, total}` while
 * pictures are taken in, then the result.
 */
export const POST = route<{ id: string }>(mayManage, async ({ actor, request, params }) => {
  if (!(await salesOf(db(), actor)).some((s) => s.id === params.id)) return notFound();
  if (!request.body) return problem(400, 'malformed', 'Send the bundle as the body.');
  const place = `import ${actor.orgId}`;
  if (!(await claim(db(), place, LONGEST_IMPORT_S, new Date())))
    return problem(429, 'importing', 'Your house imports a bundle just now. Try again when that one is in.');
  const dir = mkdtempSync(path.join(os.tmpdir(), 'farvin-upload-'));
  const clean = async () => {
    await giveBack(db(), place).catch(() => {});
    await rm(dir, { recursive: true, force: true });
  };
  const file = path.join(dir, 'bundle');
  try {
    await toFile(request, file);
  } catch (error) {
    await clean();
    return error instanceof TooLarge
      ? problem(413, 'too-large', 'This file is larger than 4 GB.')
      : problem(400, 'broken-off', 'The file did not arrive whole. Nothing was changed; send it again.');
  }
  const text = new TextEncoder();
  const stream = new ReadableStream<Uint8Array>({
    async start(controller) {
      const say = (line: object) => controller.enqueue(text.encode(`${JSON.stringify(line)}\n`));
      try {
        say(await importBundle(db(), actor, params.id, file, (done, total) => say({ done, total })));
      } catch (error) {
        const away = error instanceof StoreTrouble;
        say({
          ok: false,
          reason: away ? 'store-trouble' : 'failed',
          message: away
            ? `The server’s ${error.message.replace('the ', '')}. Importing again goes on where it stopped.`
            : 'Something went wrong here. Importing again goes on where it stopped.',
        });
      } finally {
        await clean();
        controller.close();
      }
    },
  });
  return new Response(stream, { headers: { 'content-type': 'application/x-ndjson', 'cache-control': 'no-store' } });
});
