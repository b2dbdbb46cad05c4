// npm start: a house's own Farvin, without demo data, from an empty machine on.
import path from 'node:path';
import { bringUp, kept, starting } from './bring-up.mjs';
import { checkSettings } from './settings.mjs';
import { HOME, Plain, ROOT, step } from './steps.mjs';

const unknown = process.argv.slice(2);

/** Whether a house was opened in this database before. */
async function hasYard(url) {
  const { default: postgres } = await import('postgres');
  const sql = postgres(url, { max: 1, connect_timeout: 10, onnotice: () => {} });
  try {
    const [row] = await sql`select farvin_has_yard() as there`;
    return row.there;
  } catch (error) {
    if (error.code !== '42883') throw error;
    throw new Plain(
      'The tables are older than this program. Bring them up to date first: set DATABASE_OWNER_URL, then npm start.',
    );
  } finally {
    await sql.end({ timeout: 1 });
  }
}

starting(async () => {
  if (unknown.length > 0) throw new Plain(`Unknown word ${unknown[0]}. Type: npm start`);
  const { port, faults, notes } = checkSettings(process.env);
  if (faults.length > 0) throw new Plain(`Nothing was started.\n${faults.map((f) => `- ${f}`).join('\n')}`);
  for (const note of notes) step(note);
  await bringUp({
    home: HOME,
    port,
    command: 'npm start',
    // Where the tables' owner is not known here, backups are made where it is (docs/operate.md).
    backups:
      process.env.DATABASE_URL && !process.env.DATABASE_OWNER_URL
        ? null
        : (process.env.FARVIN_BACKUPS ?? path.join(HOME, 'backups')),
    before: async (env) => {
      const started = await hasYard(env.DATABASE_URL);
      return started ? {} : { FARVIN_START_CODE: process.env.FARVIN_START_CODE ?? kept(HOME, 'start-code', 5) };
    },
    tell: (_env, { FARVIN_START_CODE: code }) => {
      const address = process.env.FARVIN_URL ?? `http://127.0.0.1:${port}`;
      console.log(`\nFarvin is running: ${address}\n`);
      console.log(
        code
          ? `Start your yard there: open the address in a browser. From another machine it asks for this code: ${code}\n`
          : 'Sign in there. A lost password: a manager makes a link under People, or on this machine: npm run -s farvin -- let-in --email ADDRESS\n',
      );
      if (!process.env.DATABASE_URL)
        console.log(
          `Its database, pictures, secret and daily backups lie in ${HOME.startsWith(`${ROOT}${path.sep}`) ? path.relative(ROOT, HOME) : HOME}. Keep copies of the last two on another machine.`,
        );
      console.log(
        'Running it for real, with TLS, mail and backups: docs/operate.md. With made-up lots to try: npm run demo',
      );
    },
  });
});
