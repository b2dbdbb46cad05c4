// npm run backup -- FILE, npm run restore -- FILE: the whole of Farvin, database and pictures, as one file.
import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { databaseFor, ensurePostgres, programs } from './cluster.mjs';
import { HOME, Plain, packages, runTs, STATE } from './steps.mjs';

const [what, file, ...more] = process.argv.slice(2);

async function main() {
  const known = what === 'restore' ? ['--unsigned'] : [];
  if (!['backup', 'restore'].includes(what) || !file || more.some((w) => !known.includes(w)))
    throw new Plain(`Type: npm run ${what === 'restore' ? 'restore' : 'backup'} -- FILE`);
  await packages();
  await ensurePostgres();
  const database = await databaseFor(HOME, STATE);
  if (!database)
    throw new Plain(
      'No database: set DATABASE_URL (and DATABASE_OWNER_URL), or start a yard of your own (npm start) or the demo (npm run demo) once.',
    );
  try {
    const secretFile = path.join(database.home, 'secret');
    const secret = process.env.FARVIN_SECRET ?? (existsSync(secretFile) ? readFileSync(secretFile, 'utf8').trim() : '');
    await runTs(`bin/${what}.ts`, [path.resolve(file), ...more], {
      env: { ...database.env, FARVIN_SECRET: secret, PG_BIN: programs() ?? '' },
    });
  } finally {
    await database.stop();
  }
}

main().catch((error) => {
  console.error(error instanceof Plain ? error.message : error);
  process.exit(1);
});
