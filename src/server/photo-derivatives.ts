import { getPhoto, type PhotoSize, putPhoto } from './photo-store';
import { pictureShop } from './workshop/workshop';

const COPIES = { '320': 'smallCopy', '960': 'middleCopy', '2048': 'largeCopy' } as const;
const making = new Map<string, Promise<boolean>>();

/**
 * Makes a copy of a stored picture that is not there yet (or not whole), once however often it is asked for. False when
 * the picture itself is not in the store. Work runs in the workshop's processes; the server goes on answering.
 */
export function ensureCopy(sha256: string, size: Exclude<PhotoSize, 'full'>, kept?: Uint8Array): Promise<boolean> {
  const key = `${sha256}.${size}`;
  const present = making.get(key);
  if (present) return present;
  const work = (async () => {
    if (await getPhoto(sha256, size)) return true;
    const bytes = kept ?? (await getPhoto(sha256, 'full'));
    if (!bytes) return false;
    await putPhoto(sha256, size, await pictureShop().run(COPIES[size], bytes));
    return true;
  })().finally(() => making.delete(key));
  making.set(key, work);
  return work;
}
