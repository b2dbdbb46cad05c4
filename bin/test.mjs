// npm test: everything a change must pass, on a machine with nothing but Node and Debian.
// npm test -- lint types core server e2e: only those. npm run soak: the browser tests in their long form.
import { randomBytes } from 'node:crypto';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { startCluster } from './cluster.mjs';
import {
  build,
  commands,
  debianPackage,
  end,
  ensureBrowser,
  freePort,
  Plain,
  packages,
  ROOT,
  run,
  runTs,
  STATE,
  serve,
  step,
} from './steps.mjs';

const PARTS = ['lint', 'types', 'core', 'server', 'e2e'];
/** The long form: 30 kills, 20,000 requests; for hours in which nobody waits. */
const SOAK = 'soak';
/** What stands behind the parts goes to the browser tests as it is: `npm test -- e2e -g 'title'`. */
const given = process.argv.slice(2);
const options = given.findIndex((a) => a.startsWith('-'));
const asked = options < 0 ? given : given.slice(0, options);
const wanted = asked.length > 0 ? asked : PARTS;
const bin = (name) => path.join(ROOT, 'node_modules', '.bin', name);

/** A failing part does not hide what the others say. */
async function part(name, work) {
  if (!wanted.includes(name)) return true;
  step(`${name} …`);
  const from = Date.now();
  try {
    await work();
    step(`${name} passed (${Math.round((Date.now() - from) / 1000)} s)`);
    return true;
  } catch (error) {
    console.error(error instanceof Plain ? error.message : error);
    step(`${name} FAILED`);
    return false;
  }
}

/** Waits for two works that run at once; what fails is told when both are done, so that neither is left behind. */
async function both(...works) {
  for (const done of await Promise.allSettled(works)) if (done.status === 'rejected') throw done.reason;
}

async function browserTests(cluster, more = {}) {
  await ensureBrowser();
  const photos = mkdtempSync(path.join(os.tmpdir(), 'farvin-photos-'));
  const port = await freePort();
  const env = {
    ...cluster.env('e2e'),
    FARVIN_SECRET: randomBytes(32).toString('hex'),
    PHOTO_STORE: photos,
    FARVIN_URL: `http://127.0.0.1:${port}`,
    // All tests sign in from one address within minutes; what one address may try is tested by itself (rate-limit.test.ts).
    FARVIN_RATE_SCALE: '5',
    // They share accounts too, which in life are one person's pages.
    FARVIN_STREAMS: '60',
    FARVIN_EXPORT_NICE: '0',
  };
  const seeded = async () => {
    await runTs('bin/create-database.ts', ['e2e'], { env: { DATABASE_URL: cluster.url('postgres') } });
    await runTs('bin/migrate.ts', [], { env });
    await runTs('demo/seed.ts', [], { env });
  };
  // Building leaves a part of the machine idle, and so does writing the sale.
  await both(build(), seeded());
  const server = await serve(port, env);
  try {
    await run(bin('playwright'), ['test', ...(options < 0 ? [] : given.slice(options))], {
      env: { ...env, ...more, CI: 'true' },
    });
  } finally {
    await end(server);
    rmSync(photos, { recursive: true, force: true });
  }
}

async function main() {
  const odd = asked.find((a) => ![...PARTS, SOAK].includes(a));
  if (odd) throw new Plain(`Unknown part ${odd}. Parts: ${PARTS.join(' ')}`);
  await packages();
  const results = [];
  // Reading types keeps one core busy, and so does most of the linting.
  results.push(
    ...(await Promise.all([
      part('lint', async () => {
        await run(bin('biome'), ['check', '--error-on-warnings', '--max-diagnostics=40', '.']);
        await run(process.execPath, [path.join(ROOT, 'bin', 'floors.mjs')]);
      }),
      part('types', () => run(bin('tsc'), ['--noEmit'])),
    ])),
  );
  results.push(await part('core', () => run(bin('jest'), ['--selectProjects', 'core', '--maxWorkers=2'])));
  if (['server', 'e2e', SOAK].some((p) => wanted.includes(p))) {
    // What bidders check a seal with is tried as they would.
    await debianPackage('jq', () => existsSync('/usr/bin/jq'));
    await debianPackage('openssl', () => existsSync('/usr/bin/openssl'));
    step('Starting a throw-away PostgreSQL …');
    const cluster = await startCluster(STATE, { throwAway: true });
    const stop = () => cluster.stop().then(() => process.exit(1));
    process.on('SIGINT', stop);
    process.on('SIGTERM', stop);
    try {
      results.push(
        await part('server', async () =>
          run(bin('jest'), ['--selectProjects', 'server', '--maxWorkers=2'], {
            env: {
              FARVIN_TEST_SERVER: cluster.url('postgres'),
              FARVIN_SECRET: 'x'.repeat(40),
              FARVIN_MADE: await commands(),
            },
          }),
        ),
      );
      results.push(await part('e2e', () => browserTests(cluster)));
      results.push(await part(SOAK, () => browserTests(cluster, { FARVIN_SOAK: '1' })));
    } finally {
      await cluster.stop();
    }
  }
  if (results.includes(false)) process.exit(1);
  step('All passed.');
}

main().catch((error) => {
  console.error(error instanceof Plain ? error.message : error);
  process.exit(1);
});
