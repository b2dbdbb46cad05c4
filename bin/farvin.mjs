// npm run -s farvin -- VERB …: the command line. Words for people go to standard error, JSON to standard output.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..');
const verb = process.argv[2] ?? '';

/** The demo's own database, for verbs that need one when DATABASE_URL names none. */
async function demoDatabase() {
  if (!['verify-log', 'export', 'import'].includes(verb) || process.env.DATABASE_URL) return null;
  const { STATE } = await import('./steps.mjs');
  if (!existsSync(path.join(STATE, 'password'))) return null;
  const { startCluster } = await import('./cluster.mjs');
  const cluster = await startCluster(STATE);
  return { env: { ...cluster.env('postgres'), PHOTO_STORE: path.join(STATE, 'photos') }, stop: cluster.stop };
}

const demo = await demoDatabase();
const child = spawnSync(
  process.execPath,
  ['--import', 'tsx', path.join(root, 'bin', 'farvin.ts'), ...process.argv.slice(2)],
  {
    stdio: 'inherit',
    env: { ...process.env, TSX_TSCONFIG_PATH: path.join(root, 'tsconfig.json'), ...demo?.env },
  },
);
await demo?.stop();
process.exit(child.status ?? 2);
