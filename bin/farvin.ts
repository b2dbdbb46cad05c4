import { parseArgs } from 'node:util';
import { Refusal, Usage } from './refusals';
import type { AnyVerb } from './verb';
import { usagesOf, verbNamed, verbNames } from './verb-list';

function flagsOf(
  name: string,
  verb: AnyVerb,
  args: string[],
): { values: Record<string, unknown>; positionals: string[] } {
  const options = { json: { type: 'boolean' }, help: { type: 'boolean' }, ...verb.options } as const;
  try {
    return parseArgs({ args, options, allowPositionals: true });
  } catch (cause) {
    throw new Usage(`${cause instanceof Error ? cause.message : 'wrong words'}\n${usagesOf(name, verb).join('\n')}`);
  }
}

/** The demo's database for a verb that needs one, where none is named; to be stopped again. */
async function databaseFor(verb: AnyVerb): Promise<{ stop(): Promise<void> } | null> {
  if (!verb.database || process.env.DATABASE_URL || process.env.DATABASE_OWNER_URL) return null;
  const [{ HOME, STATE }, { databaseFor: own }] = await Promise.all([import('./steps.mjs'), import('./cluster.mjs')]);
  const found = await own(HOME, STATE);
  if (!found) return null;
  Object.assign(process.env, found.env);
  return found;
}

async function main(): Promise<void> {
  const [name, ...args] = process.argv.slice(2);
  if (name === undefined || name === 'help' || name.startsWith('-')) {
    console.error(`Verbs: ${verbNames().join(' ')}. Each takes --help.`);
    if (name !== 'help' && name !== '--help') process.exitCode = 2;
    return;
  }
  const verb = await verbNamed(name);
  if (!verb) throw new Usage(`unknown verb ${name}; known: ${verbNames().join(' ')}`);
  const usages = usagesOf(name, verb).join('\n');
  const { values, positionals } = flagsOf(name, verb, args);
  if (values.help) {
    console.error(`${usages}\n  ${verb.does}`);
    return;
  }
  if (verb.takes === null && positionals.length > 0) throw new Usage(`${name} takes no file\n${usages}`);
  const wanted = verb.second ? 2 : 1;
  if (verb.takes !== null && positionals.length !== wanted)
    throw new Usage(`${name} takes one ${verb.takes}${verb.second ? ` and one ${verb.second}` : ''}\n${usages}`);
  const database = await databaseFor(verb);
  try {
    console.log(JSON.stringify(await verb.run(positionals[0] ?? '', values, positionals[1] ?? ''), null, 1));
  } finally {
    await database?.stop();
  }
}

main().catch((error: unknown) => {
  if (error instanceof Refusal) {
    console.log(JSON.stringify({ ok: false, reason: error.reason, ...error.more }, null, 1));
    console.error(`refused: ${error.reason}`);
    process.exitCode = 1;
  } else if (error instanceof Usage) {
    console.error(error.message);
    process.exitCode = 2;
  } else {
    console.error(error);
    process.exitCode = 2;
  }
});
