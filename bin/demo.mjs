// npm run demo: everything from an empty machine to the running application with the made-up sale.
import { existsSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { bringUp, starting } from './bring-up.mjs';
import { startCluster } from './cluster.mjs';
import { checkSettings } from './settings.mjs';
import { Plain, ROOT, runTs, STATE, step } from './steps.mjs';

const fresh = process.argv.includes('--fresh');
const unknown = process.argv.slice(2).filter((a) => a !== '--fresh');

async function removeOld() {
  if (!fresh) return;
  if (process.env.DATABASE_URL)
    throw new Plain(
      '--fresh does not empty a database that DATABASE_URL names. Empty it yourself, then run npm run demo.',
    );
  step('Starting over: removing the demo’s database and pictures …');
  const old = await startCluster(STATE).catch(() => null);
  await old?.stop();
  if (old) rmSync(old.dir, { recursive: true, force: true });
  rmSync(path.join(STATE, 'photos'), { recursive: true, force: true });
}

starting(async () => {
  if (unknown.length > 0) throw new Plain(`Unknown word ${unknown[0]}. Use: npm run demo [-- --fresh]`);
  const { port, faults } = checkSettings({ PORT: process.env.PORT });
  if (faults.length > 0) throw new Plain(faults.join('\n'));
  await bringUp({
    home: STATE,
    port,
    command: 'npm run demo',
    env: { FARVIN_DEMO: '1' },
    backups: path.join(STATE, 'backups'),
    prepare: removeOld,
    before: async (env) => {
      await runTs('bin/farvin.ts', ['strip-pictures'], { env, quiet: true });
      step('Looking for demo data …');
      await runTs('demo/seed.ts', [], { env });
      return {};
    },
    tell: (env) => {
      console.log(`\nFarvin is running: http://127.0.0.1:${port}\n`);
      console.log(readFileSync(path.join(ROOT, 'demo', 'sign-ins.txt'), 'utf8'));
      const link = path.join(env.PHOTO_STORE, 'demo-link.txt');
      if (existsSync(link))
        console.log(
          `A sealed report, as a bidder opens it: http://127.0.0.1:${port}${readFileSync(link, 'utf8').trim()}\n`,
        );
      console.log('A yard of your own, empty and apart from this one: npm start');
    },
  });
});
