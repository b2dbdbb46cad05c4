import { createHmac, timingSafeEqual } from 'node:crypto';
import path from 'node:path';
import type { ObjectStore } from './object-store';
import { folderStore } from './photo-store-folder';
import { s3Store } from './photo-store-s3';
import { sha256Of } from './sha256';

export const PHOTO_SIZES = ['320', '960', '2048', 'full'] as const;
export type PhotoSize = (typeof PHOTO_SIZES)[number];

const held = new Map<string, ObjectStore>();

/**
 * The store that PHOTO_STORE names: a folder (default `.farvin/photos`) or `s3://bucket?endpoint=http://host:port` for
 * any store that speaks S3, with its keys in FARVIN_S3_KEY and FARVIN_S3_SECRET.
 */
export function photoStore(): ObjectStore {
  const where = process.env.PHOTO_STORE ?? path.join(process.cwd(), '.farvin', 'photos');
  const known = held.get(where);
  if (known) return known;
  const store = where.startsWith('s3://') ? s3Store(new URL(where)) : folderStore(where);
  held.set(where, store);
  return store;
}

/** The name under which a picture of that size lies in the store. Copies carry a code of their own (below). */
export const pictureKey = (sha256: string, size: PhotoSize) =>
  `${sha256.slice(0, 2)}/${sha256}.${size === 'full' ? size : `${size}.mac`}`;

const CODE_BYTES = 32;

/** A code (HMAC, RFC 2104) that only this program can put before a copy: whoever can write into the store cannot swap it. */
function copyCode(sha256: string, size: PhotoSize, bytes: Uint8Array): Buffer {
  return createHmac('sha256', process.env.FARVIN_SECRET ?? '')
    .update(`farvin-copy:${sha256}:${size}:`)
    .update(bytes)
    .digest();
}

/** Writes a picture, named by its SHA-256 and size. */
export const putPhoto = (sha256: string, size: PhotoSize, bytes: Uint8Array) =>
  photoStore().put(
    pictureKey(sha256, size),
    size === 'full' ? bytes : Buffer.concat([copyCode(sha256, size, bytes), bytes]),
  );

/**
 * The bytes of a stored picture, or null when the store does not have it or has another under its name: a picture is
 * never given out under a hash that is not its own.
 */
export async function getPhoto(sha256: string, size: PhotoSize): Promise<Buffer | null> {
  const held = await photoStore().get(pictureKey(sha256, size));
  if (!held) return null;
  const bytes = size === 'full' ? held : held.subarray(CODE_BYTES);
  const good =
    size === 'full'
      ? sha256Of(bytes) === sha256
      : held.length > CODE_BYTES && timingSafeEqual(held.subarray(0, CODE_BYTES), copyCode(sha256, size, bytes));
  if (good) return bytes;
  console.error(`the picture store holds another picture under ${sha256.slice(0, 12)}….${size}; it is not given out`);
  return null;
}
export const hasPhoto = (sha256: string, size: PhotoSize = 'full') => photoStore().has(pictureKey(sha256, size));

/** Takes a picture out of the store, with its copies. */
export async function removePhoto(sha256: string): Promise<void> {
  for (const size of PHOTO_SIZES) await photoStore().remove(pictureKey(sha256, size));
}
