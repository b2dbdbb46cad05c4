import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';

/** A simulated S3-compatible store on loopback, for trying and testing: objects live in memory, signatures are not checked. */
export interface ObjectStoreStandIn {
  readonly endpoint: string;
  readonly objects: ReadonlyMap<string, Buffer>;
  /** Makes every write fail as a full store does, or every call as a broken one. */
  fail(how: 'full' | 'broken' | null): void;
  stop(): Promise<void>;
}

const xml = (s: string) => s.replace(/&/g, '&amp;').replace(/</g, '&lt;');
const PAGE = 1000;

function listing(objects: ReadonlyMap<string, Buffer>, bucket: string, query: URLSearchParams): string {
  const prefix = `${bucket}/${query.get('prefix') ?? ''}`;
  const after = query.get('continuation-token') ?? '';
  const names = [...objects.keys()].filter((k) => k.startsWith(prefix) && k > after).sort();
  const page = names.slice(0, PAGE);
  const more = names.length > page.length;
  const contents = page
    .map(
      (k) => `<Contents><Key>${xml(k.slice(bucket.length + 1))}</Key><Size>${objects.get(k)!.length}</Size></Contents>`,
    )
    .join('');
  const next = more ? `<NextContinuationToken>${xml(page.at(-1)!)}</NextContinuationToken>` : '';
  return `<?xml version="1.0"?><ListBucketResult><Name>${bucket}</Name><IsTruncated>${more}</IsTruncated>${next}${contents}</ListBucketResult>`;
}

async function bodyOf(request: IncomingMessage): Promise<Buffer> {
  const parts: Buffer[] = [];
  for await (const part of request) parts.push(part as Buffer);
  return Buffer.concat(parts);
}

/** Starts the stand-in on a free loopback port (or the given one). */
export async function startObjectStore(port = 0): Promise<ObjectStoreStandIn> {
  const objects = new Map<string, Buffer>();
  let failing: 'full' | 'broken' | null = null;
  const answer = async (request: IncomingMessage, response: ServerResponse) => {
    const url = new URL(request.url ?? '/', 'http://store');
    const key = decodeURIComponent(url.pathname.slice(1));
    const body = await bodyOf(request);
    const say = (status: number, content: string | Buffer = '') => {
      response.writeHead(status, { 'content-length': Buffer.byteLength(content) });
      response.end(request.method === 'HEAD' ? undefined : content);
    };
    if (failing === 'broken') return say(503, '<Error><Code>ServiceUnavailable</Code></Error>');
    if (failing === 'full' && request.method === 'PUT')
      return say(507, '<Error><Code>InsufficientStorage</Code></Error>');
    if (request.method === 'PUT') {
      objects.set(key, body);
      return say(200);
    }
    if (request.method === 'DELETE') {
      objects.delete(key);
      return say(204);
    }
    if (url.searchParams.has('list-type')) return say(200, listing(objects, key.replace(/\/$/, ''), url.searchParams));
    const object = objects.get(key);
    return object ? say(200, object) : say(404, '<Error><Code>NoSuchKey</Code></Error>');
  };
  const server: Server = createServer((request, response) => {
    answer(request, response).catch(() => response.destroy());
  });
  await new Promise<void>((resolve) => server.listen(port, '127.0.0.1', resolve));
  return {
    endpoint: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    objects,
    fail: (how) => {
      failing = how;
    },
    stop: () =>
      new Promise((resolve) => {
        server.closeAllConnections();
        server.close(() => resolve());
      }),
  };
}
