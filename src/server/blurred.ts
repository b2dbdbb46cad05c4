import { createHash } from 'node:crypto';
import type { PhotoSize } from './photo-store';
import { getPhoto } from './photo-store';
import type { BlurBox } from './workshop/blur';
import { pictureShop } from './workshop/workshop';

/** Longest side of each size; what is published of a blurred picture is never larger than its largest copy. */
const MOST: Readonly<Record<PhotoSize, number>> = { '320': 320, '960': 960, '2048': 2048, full: 2048 };
const MOST_BYTES = 80_000_000;

const kept = new Map<string, Buffer>();
const making = new Map<string, Promise<Buffer | null>>();
let held = 0;

function keep(key: string, bytes: Buffer): void {
  kept.set(key, bytes);
  held += bytes.length;
  for (const [oldest, old] of kept) {
    if (held <= MOST_BYTES || oldest === key) break;
    kept.delete(oldest);
    held -= old.length;
  }
}

/** A picture as it is published, its boxes unreadable; made once while it is asked for. Null when the store has no such picture. */
export function blurredPicture(sha256: string, size: PhotoSize, boxes: readonly BlurBox[]): Promise<Buffer | null> {
  const key = `${sha256} ${size} ${createHash('sha256').update(JSON.stringify(boxes)).digest('hex')}`;
  const there = kept.get(key);
  if (there) return Promise.resolve(there);
  const work =
    making.get(key) ??
    (async () => {
      const full = await getPhoto(sha256, 'full');
      if (!full) return null;
      const made = await pictureShop().run('blurredCopy', { kept: full, boxes, most: MOST[size] });
      const bytes = Buffer.from(made);
      keep(key, bytes);
      return bytes;
    })().finally(() => making.delete(key));
  making.set(key, work);
  return work;
}
