import { randomBytes } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { type APIRequestContext, request } from '@playwright/test';
import { startCluster } from '../bin/cluster.mjs';
import { end, freePort, ROOT, run, runTs, STATE, serve } from '../bin/steps.mjs';
import { remembered } from '../src/core/stats/remembered';
import { PASSWORD } from './people';

export interface Trial {
  readonly saleId: string;
  readonly lotId: string;
  readonly inspectionId: string;
  readonly manager: string;
  readonly inspector: string;
}

/** Runs a program of a checkout, the present one or another. */
const runOf = (root: string, file: string, args: readonly string[], env: Record<string, string>): Promise<string> =>
  run(process.execPath, [path.join(root, 'node_modules/tsx/dist/cli.mjs'), path.join(root, file), ...args], {
    env,
    quiet: true,
    cwd: root,
  });

/** A small sale of a house of its own on the tables of an environment. */
async function trialOf(env: Record<string, string>, root: string): Promise<Trial> {
  const told = await runOf(root, 'demo/trial.ts', ['own', '3', '0'], env);
  return JSON.parse(told.trim().split('\n').at(-1)!) as Trial;
}

interface WorldOptions {
  readonly durable?: boolean;
  readonly photoStore?: string;
  readonly environment?: Readonly<Record<string, string>>;
  /** The checkout whose program makes tables and trial. */
  readonly root?: string;
}

/** A stopped cluster with its tables, that worlds begin as copies of. */
interface Base<T> {
  readonly dir: string;
  readonly password: string;
  readonly secret: string;
  readonly trial: T;
}

async function baseOf<T>(root: string, fill: (env: Record<string, string>) => Promise<T>): Promise<Base<T>> {
  const cluster = await startCluster(STATE, { throwAway: true });
  const secret = randomBytes(32).toString('hex');
  const photos = mkdtempSync(path.join(os.tmpdir(), 'farvin-own-'));
  const env = { ...cluster.env('trial'), FARVIN_SECRET: secret, PHOTO_STORE: photos, FARVIN_URL: '' };
  await runTs('bin/create-database.ts', ['trial'], { env: { DATABASE_URL: cluster.url('postgres') }, quiet: true });
  await runOf(root, 'bin/migrate.ts', [], env);
  const trial = await fill(env);
  await cluster.stop({ keep: true });
  process.on('exit', () => {
    for (const dir of [path.dirname(cluster.dir), photos]) rmSync(dir, { recursive: true, force: true });
  });
  return { dir: cluster.dir, password: cluster.password, secret, trial };
}

// Made once in a process of tests, when first wanted.
const emptyBase = remembered(
  () => baseOf(ROOT, async () => null),
  () => '',
  1,
);
const trialBase = remembered((root: string) => baseOf(root, (env) => trialOf(env, root)), String, 2);

/** A cluster with its tables, on which nobody opened a house yet. */
export const emptyWorld = async (given: WorldOptions = {}) => worldOn(await emptyBase(), given);

/** A cluster, its tables and a small sale of its own, for tests that break things. */
export const ownWorld = async (given: WorldOptions = {}) => worldOn(await trialBase(given.root ?? ROOT), given);

async function worldOn<T>(base: Base<T>, { durable = false, photoStore, environment = {} }: WorldOptions) {
  const cluster = await startCluster(STATE, { throwAway: true, durable, copyOf: base });
  const photos = mkdtempSync(path.join(os.tmpdir(), 'farvin-own-'));
  const env: Record<string, string> = {
    ...cluster.env('trial'),
    FARVIN_SECRET: base.secret,
    PHOTO_STORE: photoStore ?? photos,
    FARVIN_S3_KEY: 'key',
    FARVIN_S3_SECRET: 'secret',
    // Each server of a world is reached under its own address, whatever the tests' own server is.
    FARVIN_URL: '',
    FARVIN_LOAD: 'when-asked',
    FARVIN_EXPORT_NICE: '0',
    ...environment,
  };
  return {
    cluster,
    env,
    photos,
    trial: base.trial,
    stop: async () => {
      await cluster.stop();
      rmSync(photos, { recursive: true, force: true });
    },
  };
}

/** Another house with a small sale, on the server that the tests share or on the one of a world's environment. */
export async function anotherHouse(name: string, records = 0, env: Record<string, string> = {}): Promise<Trial> {
  const told: string = await run(
    process.execPath,
    [path.join(ROOT, 'node_modules/tsx/dist/cli.mjs'), path.join(ROOT, 'demo/trial.ts'), name, '1', String(records)],
    { quiet: true, env },
  );
  return JSON.parse(told.trim().split('\n').at(-1)!) as Trial;
}

export type World = Awaited<ReturnType<typeof ownWorld>>;

/** A server on the world's database; `kill` ends it as a power cut would. */
export async function ownServer(world: Pick<World, 'env'>, port?: number) {
  const at = port ?? (await freePort());
  let child = await serve(at, world.env);
  const gone = () => new Promise<void>((resolve) => void child.once('exit', () => resolve()));
  return {
    port: at,
    url: `http://127.0.0.1:${at}`,
    pid: () => child.pid as number,
    kill: async () => {
      const ended = gone();
      child.kill('SIGKILL');
      await ended;
    },
    start: async () => {
      child = await serve(at, world.env);
    },
    stop: () => end(child),
  };
}

/** A signed-in caller of a server; `origin` is the address that people use, where a proxy stands in front. */
export async function callerOf(url: string, email: string, origin = url): Promise<APIRequestContext> {
  const context = await request.newContext({ baseURL: url, extraHTTPHeaders: { origin }, timeout: 20_000 });
  const answer = await context.post('/api/auth/sign-in/email', { data: { email, password: PASSWORD } });
  if (!answer.ok()) throw new Error(`signing in answered ${answer.status()}`);
  return context;
}

export const readingOf = (um: number, zone = 'hood') => ({
  id: crypto.randomUUID(),
  op: 'put',
  kind: 'reading',
  record: crypto.randomUUID(),
  base: 0,
  body: { zone, state: 'read', thicknessUm: um, typed: { text: String(um), unit: 'um' }, at: '2027-02-10T09:00:00Z' },
});
