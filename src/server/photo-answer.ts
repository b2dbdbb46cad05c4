import { createHash } from 'node:crypto';
import { blurredPicture } from './blurred';
import { ensureCopy } from './photo-derivatives';
import { getPhoto, PHOTO_SIZES, type PhotoSize } from './photo-store';
import type { BlurBox } from './workshop/blur';

const blurMark = (blur: readonly BlurBox[]) =>
  createHash('sha256').update(JSON.stringify(blur)).digest('hex').slice(0, 12);

const MISSING_SVG =
  '<svg xmlns="http://www.w3.org/2000/svg" width="320" height="240"><rect width="320" height="240" fill="#eee8dc"/><text x="160" y="124" font-family="sans-serif" font-size="16" text-anchor="middle" fill="#444">picture not in the store</text></svg>';

export function isPhotoSize(size: string): size is PhotoSize {
  return (PHOTO_SIZES as readonly string[]).includes(size);
}

/**
 * How long a browser may show a picture without asking: behind a link an hour, so that one withdrawn does not live on;
 * for people signed in it asks each time, and is told "not changed" without the picture being read.
 */
const KEEP = { link: 'private, max-age=3600', account: 'private, no-cache' } as const;

/** A stored picture as an answer; one lost from the store, or swapped there, shows as such instead of failing the page. */
export async function photoAnswer(
  request: Request,
  sha256: string,
  size: PhotoSize,
  fullType: string,
  through: keyof typeof KEEP,
  /** Boxes that are made unreadable. */
  blur: readonly BlurBox[] = [],
): Promise<Response> {
  // One that was blurred later is another picture to whoever has the one before.
  const etag = `"${sha256}.${size}${blur.length > 0 ? `.${blurMark(blur)}` : ''}"`;
  const headers = {
    'cache-control': KEEP[through],
    etag,
    'x-robots-tag': 'noindex',
    'content-security-policy': "default-src 'none'",
  };
  if (request.headers.get('if-none-match') === etag) return new Response(null, { status: 304, headers });
  let bytes =
    blur.length > 0
      ? await blurredPicture(sha256, size, blur).catch(() => null)
      : await getPhoto(sha256, size).catch(() => null);
  if (!bytes && blur.length === 0 && size !== 'full' && (await ensureCopy(sha256, size).catch(() => false)))
    bytes = await getPhoto(sha256, size).catch(() => null);
  if (!bytes)
    return new Response(MISSING_SVG, {
      status: 404,
      headers: { 'content-type': 'image/svg+xml', 'cache-control': 'no-store' },
    });
  return new Response(new Uint8Array(bytes), {
    headers: { ...headers, 'content-type': size === 'full' && blur.length === 0 ? fullType : 'image/webp' },
  });
}
