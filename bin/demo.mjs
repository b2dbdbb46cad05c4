// npm run demo: everything from an empty machine to the running application with the made-up sale.
import { randomBytes } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { startCluster } from './cluster.mjs';
import { build, end, Plain, packages, portIsFree, ROOT, runTs, STATE, serve, step } from './steps.mjs';

const fresh = process.argv.includes('--fresh');
const unknown = process.argv.slice(2).filter((a) => a !== '--fresh');

function secret() {
  const file = path.join(STATE, 'secret');
  if (!existsSync(file)) writeFileSync(file, randomBytes(32).toString('hex'), { mode: 0o600 });
  return readFileSync(file, 'utf8').trim();
}

async function main() {
  if (unknown.length > 0) throw new Plain(`Unknown word ${unknown[0]}. Use: npm run demo [-- --fresh]`);
  if (Number(process.versions.node.split('.')[0]) < 20)
    throw new Plain(`Node 20 or newer is needed; this is ${process.versions.node}.`);
  const port = Number(process.env.PORT ?? 3000);
  if (!Number.isInteger(port) || port < 1 || port > 65535) throw new Plain('PORT must be a number from 1 to 65535.');
  if (!(await portIsFree(port)))
    throw new Plain(`Port ${port} is in use. Choose another: PORT=${port + 1} npm run demo`);
  mkdirSync(STATE, { recursive: true });
  await packages();
  const given = process.env.DATABASE_URL;
  if (fresh && given)
    throw new Plain(
      '--fresh does not empty a database that DATABASE_URL names. Empty it yourself, then run npm run demo.',
    );
  if (fresh) {
    step('Starting over: removing the demo’s database and pictures …');
    const old = await startCluster(STATE).catch(() => null);
    await old?.stop();
    if (old) rmSync(old.dir, { recursive: true, force: true });
    rmSync(path.join(STATE, 'photos'), { recursive: true, force: true });
  }
  step(given ? 'Using the database that DATABASE_URL names.' : 'Starting a private PostgreSQL on loopback …');
  const cluster = given ? null : await startCluster(STATE);
  let server = null;
  let stopping = false;
  const stop = async (code) => {
    if (stopping) return;
    stopping = true;
    await end(server);
    await cluster?.stop();
    process.exit(code);
  };
  process.on('SIGINT', () => stop(0));
  process.on('SIGTERM', () => stop(0));
  try {
    const env = {
      ...(cluster ? cluster.env('postgres') : { DATABASE_URL: given }),
      FARVIN_DEMO: '1',
      FARVIN_SECRET: process.env.FARVIN_SECRET ?? secret(),
      PHOTO_STORE: process.env.PHOTO_STORE ?? path.join(STATE, 'photos'),
    };
    step('Bringing the tables up to date …');
    await runTs('bin/migrate.ts', [], { env });
    if (!env.PHOTO_STORE.startsWith('s3://')) mkdirSync(env.PHOTO_STORE, { recursive: true });
    await runTs('bin/farvin.ts', ['strip-pictures'], { env, quiet: true });
    step('Looking for demo data …');
    await runTs('demo/seed.ts', [], { env });
    await build();
    server = await serve(port, { ...env, DATABASE_OWNER_URL: '' }); // the server has no use for the owner
    server.on('exit', () => stop(1));
    console.log(`\nFarvin is running: http://127.0.0.1:${port}\n`);
    console.log(readFileSync(path.join(ROOT, 'demo', 'sign-ins.txt'), 'utf8'));
    const link = path.join(env.PHOTO_STORE, 'demo-link.txt');
    if (existsSync(link))
      console.log(
        `A sealed report, as a bidder opens it: http://127.0.0.1:${port}${readFileSync(link, 'utf8').trim()}\n`,
      );
    console.log('Ctrl-C stops it.');
  } catch (error) {
    console.error(error instanceof Plain ? error.message : error);
    await stop(1);
  }
}

main().catch((error) => {
  console.error(error instanceof Plain ? error.message : error);
  process.exit(1);
});
