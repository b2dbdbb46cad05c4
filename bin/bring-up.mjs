// What the demo and a house's own start have in common: from an empty machine to the running application.
import { randomBytes } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { programs, startCluster } from './cluster.mjs';
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
  backups = null,
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
    if (backups) looksAfterBackups({ ...env, FARVIN_BACKUPS: backups, PG_BIN: programs() ?? '' });
    tell(env, more);
    console.log('Ctrl-C stops it.');
  } catch (error) {
    console.error(error instanceof Plain ? error.message : error);
    await stop(1);
  }
}

const ASKED_EVERY_MS = 15_000;
const DUE_EVERY_MS = 600_000;

/** Makes backups that are asked for or due, and erases what is due, for as long as this program runs. */
async function looksAfterBackups(env) {
  // Loaded here: on a fresh machine the packages come first.
  const { default: postgres } = await import('postgres');
  let busy = false;
  let lookedAt = 0;
  const isAsked = async () => {
    const sql = postgres(env.DATABASE_URL, { max: 1, connect_timeout: 5, onnotice: () => {} });
    const rows = await sql`select 1 from backup_run where state = 'asked' limit 1`.catch(() => []);
    await sql.end({ timeout: 1 });
    return rows.length > 0;
  };
  const look = async () => {
    if (busy) return;
    busy = true;
    if (Date.now() - lookedAt > DUE_EVERY_MS || (await isAsked())) {
      lookedAt = Date.now();
      await runTs('bin/keep-backups.ts', ['once'], { env, quiet: true }).catch(() =>
        step('A backup could not be made; House says why.'),
      );
      await runTs('bin/farvin.ts', ['erase-due'], { env, quiet: true }).catch(() =>
        step('What is due to be erased could not be; House says why.'),
      );
    }
    busy = false;
  };
  setInterval(look, ASKED_EVERY_MS).unref();
}

/** Runs a start command; a failure of the machine or its settings is told in a line. */
export function starting(main) {
  main().catch((error) => {
    console.error(error instanceof Plain ? error.message : error);
    process.exit(1);
  });
}
