import { readdirSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import type { AnyVerb } from './verb';

const FOLDER = path.join(path.dirname(fileURLToPath(import.meta.url)), 'verbs');

/** The names of all verbs: the files of bin/verbs. */
export const verbNames = (): string[] =>
  readdirSync(FOLDER)
    .filter((f) => f.endsWith('.ts'))
    .map((f) => f.slice(0, -'.ts'.length))
    .sort();

/** A verb by its name, with nothing loaded but what it needs; null for an unknown one. */
export async function verbNamed(name: string): Promise<AnyVerb | null> {
  if (!verbNames().includes(name)) return null;
  return ((await import(`./verbs/${name}.ts`)) as { verb: AnyVerb }).verb;
}

/** The ways to write a verb, each a line. */
export const usagesOf = (name: string, { usage }: AnyVerb): string[] =>
  (typeof usage === 'string' ? [usage] : usage).map((u) => `${name} ${u}`.trim());
