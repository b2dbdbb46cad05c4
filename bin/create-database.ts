import postgres from 'postgres';

/** Creates an empty database of that name on the server of DATABASE_URL, replacing one that is there. */
async function main(): Promise<void> {
  const [name] = process.argv.slice(2);
  if (!name || !/^[a-z][a-z0-9_]*$/.test(name)) throw new Error('usage: create-database NAME');
  const sql = postgres(process.env.DATABASE_URL ?? '', { max: 1, onnotice: () => {} });
  await sql.unsafe(`drop database if exists ${name} with (force)`);
  await sql.unsafe(`create database ${name}`);
  await sql.end();
}

main().catch((error: unknown) => {
  console.error(error instanceof Error ? error.message : error);
  process.exit(1);
});
