import pLimit from 'p-limit';
import sharp from 'sharp';
import { getPhoto, hasPhoto, type PhotoSize, putPhoto } from './photo-store';

/** At most this many pictures are unpacked at once in one server: about 40 MB each at 12 megapixels. */
const AT_ONCE = 2;
const MOST_PIXELS = 100_000_000;

const unpack = pLimit(AT_ONCE);
const making = new Map<string, Promise<boolean>>();

/** The upright copy of at most 320 px; throws when the picture is damaged. Fast: the decoder shrinks as it reads. */
export function smallCopy(kept: Uint8Array): Promise<Buffer> {
  return unpack(() =>
    sharp(kept, { limitInputPixels: MOST_PIXELS, failOn: 'error' })
      .autoOrient()
      .resize(320, 320, { fit: 'inside', withoutEnlargement: true })
      .webp({ quality: 78 })
      .toBuffer(),
  );
}

const largeCopy = (kept: Uint8Array) =>
  sharp(kept, { limitInputPixels: MOST_PIXELS })
    .autoOrient()
    .resize(2048, 2048, { fit: 'inside', withoutEnlargement: true })
    .webp({ quality: 82 })
    .toBuffer();

/**
 * Makes a copy of a stored picture that is not there yet, once however often it is asked for. False when the picture
 * itself is not in the store. Work runs in the picture library's own threads; the server goes on answering.
 */
export function ensureCopy(sha256: string, size: Exclude<PhotoSize, 'full'>, kept?: Uint8Array): Promise<boolean> {
  const key = `${sha256}.${size}`;
  const present = making.get(key);
  if (present) return present;
  const work = (async () => {
    if (await hasPhoto(sha256, size)) return true;
    const bytes = kept ?? (await getPhoto(sha256, 'full'));
    if (!bytes) return false;
    await putPhoto(sha256, size, size === '320' ? await smallCopy(bytes) : await unpack(() => largeCopy(bytes)));
    return true;
  })().finally(() => making.delete(key));
  making.set(key, work);
  return work;
}
