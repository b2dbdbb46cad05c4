// What the demo and a house's own start have in common: from an empty machine to the running application.
import { randomBytes } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { startCluster } from './cluster.mjs';
import { build, end, Plain, packages, portIsFree, runTs, serve, step } from './steps.mjs';

/** What a file of a home holds; made of random letters when it is not there. */
export function kept(home, name, bytes = 32) {
  mkdirSync(home, { recursive: true });
  const file = path.join(home, name);
  if (!existsSync(file)) writeFileSync(file, randomBytes(bytes).toString('hex'), { mode: 0o600 });
  return readFileSync(file, 'utf8').trim();
}

/**
 * Installs, builds, starts a database (or uses the one of DATABASE_URL), brings its tables up to date, and serves until
 * it is told to stop. `before` runs on the tables before anything is served; `tell` says how to go on.
 */
export async function bringUp({
  home,
  port,
  command,
  env: extra = {},
  prepare = async () => {},
  before = async () => ({}),
  tell,
}) {
  if (Number(process.versions.node.split('.')[0]) < 20)
    throw new Plain(`Node 20 or newer is needed; this is ${process.versions.node}.`);
  if (!(await portIsFree(port))) throw new Plain(`Port ${port} is in use. Choose another: PORT=${port + 1} ${command}`);
  mkdirSync(home, { recursive: true });
  await packages();
  await prepare();
  const given = process.env.DATABASE_URL;
  step(given ? 'Using the database that DATABASE_URL names.' : 'Starting a private PostgreSQL on loopback …');
  const cluster = given ? null : await startCluster(home);
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
      FARVIN_SECRET: process.env.FARVIN_SECRET ?? kept(home, 'secret'),
      PHOTO_STORE: process.env.PHOTO_STORE ?? path.join(home, 'photos'),
      ...extra,
    };
    if (cluster || process.env.DATABASE_OWNER_URL || extra.FARVIN_DEMO) {
      step('Bringing the tables up to date …');
      await runTs('bin/migrate.ts', [], { env });
    }
    if (!env.PHOTO_STORE.startsWith('s3://')) mkdirSync(env.PHOTO_STORE, { recursive: true });
    const more = await before(env);
    await build();
    // The server has no use for the tables' owner.
    server = await serve(port, { ...env, ...more, DATABASE_OWNER_URL: '' });
    server.on('exit', () => stop(1));
    tell(env, more);
    console.log('Ctrl-C stops it.');
  } catch (error) {
    console.error(error instanceof Plain ? error.message : error);
    await stop(1);
  }
}

/** Runs a start command; a failure of the machine or its settings is told in a line. */
export function starting(main) {
  main().catch((error) => {
    console.error(error instanceof Plain ? error.message : error);
    process.exit(1);
  });
}
