import { ensureCopy } from './photo-derivatives';
import { getPhoto, PHOTO_SIZES, type PhotoSize } from './photo-store';

const MISSING_SVG =
  '<svg xmlns="http://www.w3.org/2000/svg" width="320" height="240"><rect width="320" height="240" fill="#eee8dc"/><text x="160" y="124" font-family="sans-serif" font-size="16" text-anchor="middle" fill="#444">picture not in the store</text></svg>';

export function isPhotoSize(size: string): size is PhotoSize {
  return (PHOTO_SIZES as readonly string[]).includes(size);
}

/** A stored picture as an answer; a picture lost from the store shows as such instead of failing the page. */
export async function photoAnswer(
  sha256: string,
  size: PhotoSize,
  fullType: string,
  scope: 'private' | 'public',
): Promise<Response> {
  let bytes = await getPhoto(sha256, size).catch(() => null);
  if (!bytes && size !== 'full' && (await ensureCopy(sha256, size).catch(() => false)))
    bytes = await getPhoto(sha256, size).catch(() => null);
  if (!bytes)
    return new Response(MISSING_SVG, {
      status: 404,
      headers: { 'content-type': 'image/svg+xml', 'cache-control': 'no-store' },
    });
  return new Response(new Uint8Array(bytes), {
    headers: {
      'content-type': size === 'full' ? fullType : 'image/webp',
      'cache-control': `${scope}, max-age=31536000, immutable`,
      'content-security-policy': "default-src 'none'",
    },
  });
}
