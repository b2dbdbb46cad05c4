import { mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import http, { type IncomingMessage } from 'node:http';
import type { AddressInfo } from 'node:net';
import os from 'node:os';
import path from 'node:path';
import { brotliDecompressSync, gunzipSync } from 'node:zlib';
import { packAll } from './pack.js';
import { staticFiles } from './static-files.js';

const SCRIPT = 'export const said = "what the page says";\n'.repeat(200);
const AT = '/_next/static/chunks/a.js';
let folder: string;
let server: http.Server;

beforeAll(async () => {
  folder = mkdtempSync(path.join(os.tmpdir(), 'farvin-static-'));
  mkdirSync(path.join(folder, 'chunks'));
  writeFileSync(path.join(folder, 'chunks', 'a.js'), SCRIPT);
  writeFileSync(path.join(folder, 'type.woff2'), Buffer.from([1, 2, 3]));
  await packAll(folder);
  const files = staticFiles(folder);
  server = http.createServer((request, response) =>
    files(request, response, () => {
      response.statusCode = 404;
      response.end(`left to others: ${request.url}`);
    }),
  );
  await new Promise<void>((listening) => server.listen(0, '127.0.0.1', listening));
});
afterAll(async () => {
  await new Promise((closed) => server.close(closed));
  rmSync(folder, { recursive: true });
});

function get(url: string, headers: Record<string, string> = {}): Promise<{ said: IncomingMessage; body: Buffer }> {
  const { port } = server.address() as AddressInfo;
  return new Promise((resolve, reject) => {
    http
      .get({ host: '127.0.0.1', port, path: url, headers, agent: false }, (said) => {
        const parts: Buffer[] = [];
        said.on('data', (part) => parts.push(part));
        said.on('end', () => resolve({ said, body: Buffer.concat(parts) }));
      })
      .on('error', reject);
  });
}

it('packs scripts and leaves alone what is packed by its nature', () => {
  expect(readdirSync(path.join(folder, 'chunks')).sort()).toEqual(['a.js', 'a.js.br', 'a.js.gz']);
  expect(readdirSync(folder).sort()).toEqual(['chunks', 'type.woff2']);
});

it.each([
  ['gzip, deflate, br', 'br', brotliDecompressSync],
  ['gzip', 'gzip', gunzipSync],
  ['identity', undefined, (b: Buffer) => b],
] as const)(
  'sends to a browser that takes %s what it can unpack, to be kept for good',
  async (takes, packed, unpack) => {
    const { said, body } = await get(AT, { 'accept-encoding': takes });
    expect(said.headers).toMatchObject({
      'content-type': 'text/javascript',
      vary: 'Accept-Encoding',
      'cache-control': 'public,max-age=31536000,immutable',
    });
    expect(said.headers['content-encoding']).toBe(packed);
    expect(unpack(body).toString()).toBe(SCRIPT);
  },
);

it('does not send again what a browser has', async () => {
  const { said } = await get(AT);
  const again = await get(AT, { 'if-none-match': said.headers.etag! });
  expect(again.said.statusCode).toBe(304);
  expect(again.body).toHaveLength(0);
});

it.each(['bytes=100-5', 'bytes=0-', 'bytes=-3', 'bytes=x-y', 'bytes=9999999-'])(
  'sends the whole script whatever part is asked for: %s',
  async (range) => {
    const { said, body } = await get(AT, { range });
    expect(said.statusCode).toBe(200);
    expect(body.toString()).toBe(SCRIPT);
  },
);

it.each([
  '/yard',
  '/_next/static/chunks/none.js',
  '/_next/static/../a.js',
  '/_next/static/%2e%2e/%2e%2e/etc/passwd',
  '/_next/static',
])('leaves to others, with its address as it came, what is not there: %s', async (url) => {
  const { said, body } = await get(url);
  expect(said.statusCode).toBe(404);
  expect(body.toString()).toBe(`left to others: ${url}`);
});
