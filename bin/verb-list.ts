import { readdirSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import type { AnyVerb } from './verb';

/** Verbs lie beside this file and end as it does: as they are written, or as they were made. */
const HERE = fileURLToPath(import.meta.url);
const FOLDER = path.join(path.dirname(HERE), 'verbs');
const ENDING = path.extname(HERE);

/** The names of all verbs: the files of bin/verbs. */
export const verbNames = (): string[] =>
  readdirSync(FOLDER)
    .filter((f) => f.endsWith(ENDING))
    .map((f) => f.slice(0, -ENDING.length))
    .sort();

/** A verb by its name, with nothing loaded but what it needs; null for an unknown one. */
export async function verbNamed(name: string): Promise<AnyVerb | null> {
  if (!verbNames().includes(name)) return null;
  return ((await import(pathToFileURL(path.join(FOLDER, name + ENDING)).href)) as { verb: AnyVerb }).verb;
}

/** The ways to write a verb, each a line. */
export const usagesOf = (name: string, { usage }: AnyVerb): string[] =>
  (typeof usage === 'string' ? [usage] : usage).map((u) => `${name} ${u}`.trim());
