import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { freePort, ROOT, run, STATE } from '../bin/steps.mjs';
import { callerOf, ownServer, ownWorld, readingOf } from './own-server';
import { SOAKING } from './soak';
import { expect, test } from './test';

test.skip(!SOAKING, 'builds the program of an earlier commit: npm run soak');
test.setTimeout(900_000);

/** The commit that serves while the present one comes up beside it. */
const PREVIOUS = process.env.FARVIN_PREVIOUS ?? 'HEAD~1';

/** The program as it was, built, in a folder of its own. */
async function previousProgram() {
  mkdirSync(STATE, { recursive: true });
  const dir = path.join(mkdtempSync(path.join(STATE, 'previous-')), 'app');
  execFileSync('git', ['worktree', 'add', '--detach', '--force', dir, PREVIOUS], { cwd: ROOT, stdio: 'ignore' });
  // Linked file by file: the bundler takes no folder that points elsewhere.
  execFileSync('cp', ['-al', path.join(ROOT, 'node_modules'), path.join(dir, 'node_modules')]);
  const steps = pathToFileURL(path.join(dir, 'bin', 'steps.mjs')).href;
  await run(
    process.execPath,
    ['--input-type=module', '-e', `const { build } = await import('${steps}'); await build();`],
    {
      quiet: true,
      cwd: dir,
    },
  );
  return {
    serve: (await import(steps)).serve as (
      port: number,
      env: object,
    ) => Promise<{ kill: (signal: string) => void; once: (e: string, f: () => void) => void }>,
    root: dir,
    remove: () => {
      execFileSync('git', ['worktree', 'remove', '--force', dir], { cwd: ROOT, stdio: 'ignore' });
      rmSync(path.dirname(dir), { recursive: true, force: true });
    },
  };
}

test('an earlier server goes on serving while the present one migrates and comes up beside it', async () => {
  const old = await previousProgram();
  // The tables of before: migrated by the program of before, the trial sale made by it too.
  const world = await ownWorld({ root: old.root });
  const port = await freePort();
  const before = await old.serve(port, world.env);
  const at = `http://127.0.0.1:${port}`;
  const { inspectionId, inspector, manager } = world.trial;
  const changes = `/api/v1/inspections/${inspectionId}/changes`;
  const readings = async (api: Awaited<ReturnType<typeof callerOf>>) =>
    ((await (await api.get(`/api/v1/inspections/${inspectionId}/bundle`)).json()).records.reading ?? [])
      .length as number;
  try {
    const early = await callerOf(at, inspector);
    const put = async (api: typeof early, um: number) => {
      const answer = await (await api.post(changes, { data: { changes: [readingOf(um)] } })).json();
      expect(answer.results.map((r: { status: string }) => r.status)).toEqual(['applied']);
    };
    await put(early, 101);
    await run(process.execPath, [path.join(ROOT, 'node_modules/tsx/dist/cli.mjs'), path.join(ROOT, 'bin/migrate.ts')], {
      env: world.env,
      quiet: true,
    });
    // Over the new tables, the old program first.
    await put(early, 102);
    const present = await ownServer(world);
    try {
      const late = await callerOf(present.url, inspector);
      await put(late, 103);
      await put(early, 104);
      expect([await readings(early), await readings(late)]).toEqual([4, 4]);
      const boss = await callerOf(present.url, manager);
      const verdict = await (await boss.get(`/api/v1/inspections/${inspectionId}/log?check`)).json();
      expect(verdict).toMatchObject({ whole: true });
      expect((await early.get('/yard')).status()).toBe(200);
      expect((await late.get('/yard')).status()).toBe(200);
    } finally {
      await present.stop();
    }
    // It served on; started again, it refuses tables that it does not know.
    const gone = new Promise<void>((resolve) => before.once('exit', () => resolve()));
    before.kill('SIGTERM');
    await gone;
    await expect(old.serve(port, world.env)).rejects.toThrow();
  } finally {
    before.kill('SIGTERM');
    await world.stop();
    old.remove();
  }
});
