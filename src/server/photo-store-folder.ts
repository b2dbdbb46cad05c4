import { copyFile, mkdir, open, readdir, readFile, rename, rm, stat, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { type ObjectStore, StoreTrouble } from './object-store';

const codeOf = (error: unknown) => (error as NodeJS.ErrnoException).code ?? '';
const FULL = new Set(['ENOSPC', 'EDQUOT', 'EFBIG']);

/** Turns what the disk says into what the person must know. */
function trouble(error: unknown): never {
  if (error instanceof RangeError) throw error;
  throw new StoreTrouble(FULL.has(codeOf(error)) ? 'full' : 'away');
}

/**
 * A folder as the store. It is made by whoever sets the application up, never here: a folder that is gone (a disk not
 * mounted) must be told, not replaced by an empty one.
 */
export function folderStore(root: string): ObjectStore {
  const fileOf = (key: string) => {
    const file = path.resolve(root, key);
    if (!file.startsWith(path.resolve(root) + path.sep)) throw new RangeError('a name outside the store');
    return file;
  };
  /** To a name of its own first, then into place: a reader never sees half a picture. */
  const place = async (key: string, write: (part: string) => Promise<void>) => {
    const file = fileOf(key);
    const part = `${file}.${process.pid}.${Math.random().toString(36).slice(2)}.part`;
    try {
      await mkdir(path.dirname(file)).catch((error: unknown) => {
        if (codeOf(error) !== 'EEXIST') throw error;
      });
      await write(part);
      await rename(part, file);
    } catch (error) {
      await rm(part, { force: true }).catch(() => {});
      trouble(error);
    }
  };
  return {
    put: (key, bytes) => place(key, (part) => writeFile(part, bytes, { flush: true })),
    putFile: (key, file) => place(key, (part) => copyFile(file, part)),
    async stream(key) {
      const handle = await open(fileOf(key)).catch((error: unknown) =>
        codeOf(error) === 'ENOENT' ? null : trouble(error),
      );
      return handle?.createReadStream() ?? null;
    },
    async get(key) {
      try {
        return await readFile(fileOf(key));
      } catch (error) {
        if (codeOf(error) === 'ENOENT') return null;
        return trouble(error);
      }
    },
    has: (key) =>
      stat(fileOf(key)).then(
        () => true,
        () => false,
      ),
    async remove(key) {
      const file = fileOf(key);
      await rm(file, { force: true }).catch(trouble);
    },
    async list(prefix) {
      const folder = fileOf(prefix.replace(/\/$/, ''));
      const names = await readdir(folder).catch((error: unknown) => (codeOf(error) === 'ENOENT' ? [] : trouble(error)));
      return names.filter((n) => !n.endsWith('.part')).map((n) => `${prefix}${n}`);
    },
    async listOld(start, before) {
      const folders = (await readdir(root).catch(trouble)).filter((n) => n.startsWith(start));
      const old: string[] = [];
      for (const folder of folders)
        for (const name of await readdir(path.join(root, folder)).catch(() => [])) {
          const found = await stat(path.join(root, folder, name)).catch(() => null);
          if (found?.isFile() && found.mtime < before) old.push(`${folder}/${name}`);
        }
      return old;
    },
  };
}
