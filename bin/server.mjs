// The application's server: the built app behind one HTTP server that states truly where a request came from.
import { createServer } from 'node:http';
import next from 'next';
import { ROOT } from './steps.mjs';

const port = Number(process.env.PORT ?? 3000);
const hostname = process.env.HOST ?? '127.0.0.1';
const behindProxy = process.env.FARVIN_TRUST_PROXY === '1';

const app = next({ dev: false, dir: ROOT, hostname, port });
const handle = app.getRequestHandler();
await app.prepare();

/** Whether an address can be decoded; the framework answers those that cannot as faults of its own. */
function readable(url) {
  try {
    decodeURIComponent((url ?? '').split('?')[0]);
    return true;
  } catch {
    return false;
  }
}

const server = createServer((request, response) => {
  // Limits count by address: what a caller says of its own address is believed of a trusted proxy only.
  if (!behindProxy) {
    delete request.headers['x-forwarded-host'];
    delete request.headers['x-forwarded-proto'];
    request.headers['x-forwarded-for'] = request.socket.remoteAddress ?? 'unknown';
  }
  if (!readable(request.url)) {
    response.writeHead(400, { 'content-type': 'text/plain' });
    response.end('This address cannot be read.\n');
    return;
  }
  handle(request, response).catch(() => {
    if (!response.headersSent) response.writeHead(500, { 'content-type': 'text/plain' });
    response.end('Something went wrong here.\n');
  });
});
server.requestTimeout = 300_000;
server.headersTimeout = 20_000;
server.listen(port, hostname);

/** Stops taking requests, lets the running ones end, and goes; open event streams do not hold it. */
function stop() {
  server.close(() => process.exit(0));
  server.closeIdleConnections();
  setTimeout(() => server.closeAllConnections(), 1500).unref();
}
process.on('SIGTERM', stop);
process.on('SIGINT', stop);
