// What a server looks at before it serves: whose role it has, and whether the tables are the ones that it knows.
import { readFileSync } from 'node:fs';
import path from 'node:path';
import postgres from 'postgres';
import { Plain, ROOT } from './steps.mjs';

/** Moment of the newest migration that this program has. */
function newestKnown() {
  const journal = path.join(ROOT, 'src', 'data', 'migrations', 'meta', '_journal.json');
  return Math.max(...JSON.parse(readFileSync(journal, 'utf8')).entries.map((e) => e.when));
}

/**
 * Throws where the server must not start: its role owns the tables (organisations are not kept apart then) outside the
 * demo, or the tables are newer or older than it. A database that does not answer stops nothing: it may come back.
 */
export async function checkDatabase(url, { demo = false, known = newestKnown() } = {}) {
  const sql = postgres(url, { max: 1, connect_timeout: 5, onnotice: () => {} });
  try {
    const [role] = await sql`
      select rolsuper or rolbypassrls or exists
        (select 1 from pg_tables where schemaname = 'public' and tableowner = current_user) as unbound
      from pg_roles where rolname = current_user`;
    if (role.unbound && !demo)
      throw new Plain(
        'DATABASE_URL names the tables’ owner (or a superuser), for whom houses are not kept apart. Give the role farvin_app there and the owner in DATABASE_OWNER_URL, which only migrating needs.',
      );
    const [tables] = await sql`select max(created_at)::float8 as newest from drizzle.__drizzle_migrations`;
    if (tables.newest < known)
      throw new Plain('The tables are older than this program. Bring them up to date first: tsx bin/migrate.ts');
    if (tables.newest > known)
      throw new Plain('The tables are newer than this program. Start the newer program; this one would write amiss.');
  } catch (error) {
    if (error instanceof Plain) throw error;
    if (error.code === '42P01' || error.code === '3F000')
      throw new Plain('There are no tables in this database yet. Make them first: tsx bin/migrate.ts');
    console.error(
      `The database could not be looked at (${error.code ?? error.name}); the server starts and goes on asking.`,
    );
  } finally {
    await sql.end({ timeout: 1 });
  }
}
