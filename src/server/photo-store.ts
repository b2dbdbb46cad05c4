import { mkdir, readFile, rename, stat, writeFile } from 'node:fs/promises';
import path from 'node:path';

export const PHOTO_SIZES = ['320', '2048', 'full'] as const;
export type PhotoSize = (typeof PHOTO_SIZES)[number];

/** Where pictures live: a folder named by PHOTO_STORE, `.farvin/photos` by default. Content-addressed by SHA-256. */
function fileOf(sha256: string, size: PhotoSize): string {
  const root = process.env.PHOTO_STORE ?? path.join(process.cwd(), '.farvin', 'photos');
  return path.join(root, sha256.slice(0, 2), `${sha256}.${size}`);
}

/** Writes a picture whole or not at all: to a name of its own first, then into place. */
export async function putPhoto(sha256: string, size: PhotoSize, bytes: Uint8Array): Promise<void> {
  const file = fileOf(sha256, size);
  await mkdir(path.dirname(file), { recursive: true });
  const part = `${file}.${process.pid}.${Math.random().toString(36).slice(2)}.part`;
  await writeFile(part, bytes);
  await rename(part, file);
}

/** The bytes of a stored picture, or null when the store does not have it. */
export async function getPhoto(sha256: string, size: PhotoSize): Promise<Buffer | null> {
  try {
    return await readFile(fileOf(sha256, size));
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOENT') return null;
    throw error;
  }
}

export async function hasPhoto(sha256: string): Promise<boolean> {
  return stat(fileOf(sha256, 'full')).then(
    () => true,
    () => false,
  );
}
