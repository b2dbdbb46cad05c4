// The application's server: the built app behind one HTTP server that states truly where a request came from.
import { randomBytes } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import path from 'node:path';
import next from 'next';
import { addressOf } from './address.js';
import { beginHeaders } from './answer-headers.js';
import { checkDatabase } from './check-database.mjs';
import { staticFiles } from './static-files.js';
import { MADE, Plain, ROOT, STATIC } from './steps.mjs';

/** Where somebody with a report's link asks a question, by a form. */
const QUESTION = /^\/r\/[\w-]{1,100}\/questions$/;

process.env.FARVIN_VERSION = JSON.parse(readFileSync(path.join(ROOT, 'package.json'), 'utf8')).version;
// Programs of its own are started as they were made with the application.
if (existsSync(MADE)) process.env.FARVIN_MADE = MADE;
const port = Number(process.env.PORT ?? 3000);
const hostname = process.env.HOST ?? '127.0.0.1';
/** How many proxies of our own stand in front: each adds one address at the right end of `x-forwarded-for`. */
const trustedHops = Number(process.env.FARVIN_TRUST_PROXY ?? 0);
if (!Number.isInteger(trustedHops) || trustedHops < 0 || trustedHops > 10) {
  console.error('FARVIN_TRUST_PROXY is the number of trusted proxies in front, 0 to 10.');
  process.exit(1);
}
/** While the application is written, pages are made when they are asked for and reload by themselves. */
const dev = process.env.FARVIN_DEV === '1';
const secure = (process.env.FARVIN_URL ?? '').startsWith('https:');

try {
  await checkDatabase(process.env.DATABASE_URL ?? '', { demo: process.env.FARVIN_DEMO === '1' });
} catch (error) {
  if (!(error instanceof Plain)) throw error;
  console.error(error.message);
  process.exit(1);
}

const server = createServer();
const app = next({ dev, dir: ROOT, hostname, port, httpServer: server });
const handle = app.getRequestHandler();
await app.prepare();

/** While the application is written, the framework makes them. */
const files = dev ? (_request, _response, otherwise) => otherwise() : staticFiles(STATIC);

/** Read by no one beforehand: 144 bits (CSP 3, 7.1 asks for 128). */
const newNonce = () => randomBytes(18).toString('base64');

/** Whether an address can be decoded; the framework answers those that cannot as faults of its own. */
function readable(url) {
  try {
    decodeURIComponent((url ?? '').split('?')[0]);
    return true;
  } catch {
    return false;
  }
}

server.on('request', (request, response) => {
  // Limits count by address: of what a caller says of its own address only what our own proxies added is believed.
  request.headers['x-forwarded-for'] = addressOf(
    request.headers['x-forwarded-for'],
    request.socket.remoteAddress,
    trustedHops,
  );
  for (const name of ['x-forwarded-host', 'x-forwarded-proto', 'x-forwarded-port', 'x-real-ip', 'forwarded'])
    delete request.headers[name];
  beginHeaders(request, response, newNonce, dev);
  if (secure) response.setHeader('strict-transport-security', 'max-age=31536000; includeSubDomains');
  // The framework's picture converter is used by no page; it would keep pictures of withdrawn links.
  if ((request.url ?? '').startsWith('/_next/image')) {
    response.writeHead(404, { 'content-type': 'text/plain', 'cache-control': 'no-store' });
    response.end('There is nothing here.\n');
    return;
  }
  // A phone hands pictures over before its worker is there to take them: the page says how to do it again.
  if (request.method === 'POST' && request.url === '/share') {
    request.resume();
    response.writeHead(303, { location: '/share' });
    response.end();
    return;
  }
  // Pages are read, never written: a body sent to one would be held for nothing. A question at a report is no page.
  const takes =
    (request.url ?? '').startsWith('/api/') || (request.method === 'POST' && QUESTION.test(request.url ?? ''));
  if (!['GET', 'HEAD'].includes(request.method ?? '') && !takes) {
    response.writeHead(405, { 'content-type': 'text/plain', allow: 'GET, HEAD', connection: 'close' });
    response.end('This address is only read.\n');
    return;
  }
  if (!readable(request.url)) {
    response.writeHead(400, { 'content-type': 'text/plain' });
    response.end('This address cannot be read.\n');
    return;
  }
  files(request, response, () => {
    handle(request, response).catch(() => {
      if (!response.headersSent) response.writeHead(500, { 'content-type': 'text/plain' });
      response.end('Something went wrong here.\n');
    });
  });
});
server.requestTimeout = 300_000;
server.headersTimeout = 20_000;
// Longer than a proxy or a program leaves a line unused: one that it takes up again as we shut it is a request lost.
server.keepAliveTimeout = 75_000;
server.listen(port, hostname);

/** Stops taking requests, lets the running ones end, and goes; open event streams do not hold it. */
function stop() {
  // Pages that reload by themselves hold a line open that does not end with the others.
  if (dev) process.exit(0);
  server.close(() => process.exit(0));
  server.closeIdleConnections();
  setTimeout(() => server.closeAllConnections(), 1500).unref();
}
process.on('SIGTERM', stop);
process.on('SIGINT', stop);
