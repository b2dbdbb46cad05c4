import { readFileSync } from 'node:fs';
import { Refusal } from './refusals';

function read<T>(path: string, how: (path: string) => T): T {
  try {
    return how(path);
  } catch (cause) {
    throw new Refusal('unreadable', {
      message: `${path} cannot be read (${(cause as NodeJS.ErrnoException).code ?? 'error'})`,
    });
  }
}

/** A file's text; refuses what cannot be read. */
export const readText = (path: string): string => read(path, (p) => readFileSync(p, 'utf8'));
/** A file's bytes; refuses what cannot be read. */
export const readBytes = (path: string): Buffer => read(path, (p) => readFileSync(p));

const ZIP_MAGIC = 0x04034b50;
/** Whether a file begins as a ZIP does. */
export function isZipFile(path: string): boolean {
  const bytes = readBytes(path);
  return bytes.length > 4 && bytes.readUInt32LE(0) === ZIP_MAGIC;
}
