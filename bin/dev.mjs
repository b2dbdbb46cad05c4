// npm run dev: the private database of the demo and the development server.
import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { startCluster } from './cluster.mjs';
import { ROOT, runTs, STATE } from './steps.mjs';

const cluster = await startCluster(STATE);
const env = {
  ...process.env,
  ...cluster.env('postgres'),
  FARVIN_SECRET: readFileSync(path.join(STATE, 'secret'), 'utf8').trim(),
  PHOTO_STORE: path.join(STATE, 'photos'),
  NEXT_TELEMETRY_DISABLED: '1',
  NODE_ENV: 'development',
  FARVIN_DEV: '1',
  FARVIN_DEMO: '1',
};
await runTs('bin/migrate.ts', [], { env, quiet: true });
const child = spawn(process.execPath, [path.join(ROOT, 'bin', 'server.mjs')], { cwd: ROOT, env, stdio: 'inherit' });
const stop = async () => {
  child.kill('SIGTERM');
  await cluster.stop();
  process.exit(0);
};
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
