import { SHARED_CACHE, SHARED_NAME } from '@/workers/keep-shared';

export interface SharedPicture {
  readonly key: string;
  readonly file: File;
}

/** Pictures that wait to be given to a lot, in the order in which they came. */
export async function sharedPictures(): Promise<SharedPicture[]> {
  const cache = await globalThis.caches?.open(SHARED_CACHE);
  if (!cache) return [];
  const found: SharedPicture[] = [];
  for (const request of await cache.keys()) {
    const response = await cache.match(request);
    if (!response) continue;
    const name = decodeURIComponent(response.headers.get(SHARED_NAME) ?? 'picture.jpg');
    const blob = await response.blob();
    found.push({
      key: request.url,
      file: new File([blob], name, { type: response.headers.get('content-type') ?? '' }),
    });
  }
  return found;
}

/** Forgets pictures that were given to a lot, or that nobody wants. */
export async function dropShared(keys: readonly string[]): Promise<void> {
  const cache = await caches.open(SHARED_CACHE);
  await Promise.all(keys.map((key) => cache.delete(key)));
}

/** The lot that was open last on this device. */
export interface LotInHand {
  readonly lotId: string;
  readonly inspection: string;
  readonly number: number;
  readonly title: string;
  readonly me: string;
}
const IN_HAND = 'lot-in-hand';

export function takeInHand(lot: LotInHand): void {
  try {
    localStorage.setItem(IN_HAND, JSON.stringify(lot));
  } catch {}
}

/** The lot that this person had open last here, or null. */
export function lotInHand(me: string): LotInHand | null {
  try {
    const held = JSON.parse(localStorage.getItem(IN_HAND) ?? 'null') as LotInHand | null;
    return held && held.me === me ? held : null;
  } catch {
    return null;
  }
}
