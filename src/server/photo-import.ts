import { createHash } from 'node:crypto';
import sharp from 'sharp';
import { type PictureType, sniffPicture, stripMetadata } from '@/core/image/strip-metadata';
import type { Actor } from '@/data/actor';
import type { Db } from '@/data/db';
import { notePhotoFile, type PhotoFile, photoOfOrigin } from '@/data/photos';
import { heicToJpeg, looksLikeHeic } from './heic';
import { ensureCopy, smallCopy } from './photo-derivatives';
import { hasPhoto, putPhoto } from './photo-store';
import { takenAt } from './taken-at';

export const PHOTO_LIMITS = {
  /** Bytes of one file. */
  bytes: 40 * 1024 * 1024,
  /** Pixels of one picture; more is refused before it is unpacked. */
  pixels: 100_000_000,
} as const;

export type PhotoRefusal = 'not-a-picture' | 'damaged' | 'too-many-pixels' | 'too-large';
export type TakenPhoto = Omit<PhotoFile, 'orgId'>;

async function withoutNotes(bytes: Buffer, type: PictureType, orientation: number): Promise<Uint8Array | null> {
  if (type !== 'image/jpeg' && orientation > 1) {
    const turned = sharp(bytes, { limitInputPixels: PHOTO_LIMITS.pixels }).rotate();
    return type === 'image/png' ? turned.png().toBuffer() : turned.webp({ quality: 95 }).toBuffer();
  }
  return stripMetadata(bytes, type, orientation);
}

/**
 * Takes one picture in: checks what it is, removes position and names, keeps it under the SHA-256 of what is kept, and
 * makes its small copy (which proves that it can be unpacked) at once and the large one after the answer. HEIC becomes
 * JPEG. A file taken before is recognised by its hash. Refuses by reason; nothing is stored of a refused one.
 */
export async function importPhoto(
  db: Db,
  actor: Actor,
  bytes: Buffer,
): Promise<{ ok: true; photo: TakenPhoto } | { ok: false; reason: PhotoRefusal }> {
  if (bytes.length > PHOTO_LIMITS.bytes) return { ok: false, reason: 'too-large' };
  const origin = createHash('sha256').update(bytes).digest('hex');
  const before = await photoOfOrigin(db, actor, origin);
  if (before && (await hasPhoto(before.sha256))) return { ok: true, photo: before };
  const read = await readPicture(bytes);
  if (!read.ok) return read;
  const { kept, type, small, widthPx, heightPx } = read;
  const sha256 = createHash('sha256').update(kept).digest('hex');
  await Promise.all([putPhoto(sha256, 'full', kept), putPhoto(sha256, '320', small)]);
  const photo: TakenPhoto = {
    sha256,
    type,
    bytes: kept.length,
    widthPx,
    heightPx,
    takenAt: await takenAt(bytes, looksLikeHeic(bytes)),
  };
  await notePhotoFile(db, actor, photo, origin);
  // Off the request's path: whoever asks for the large copy sooner waits for this same work.
  void ensureCopy(sha256, '2048', kept).catch(() => {});
  return { ok: true, photo };
}

type Read =
  | { ok: true; kept: Uint8Array; type: PictureType; small: Buffer; widthPx: number; heightPx: number }
  | { ok: false; reason: PhotoRefusal };

async function readPicture(bytes: Buffer): Promise<Read> {
  const heic = looksLikeHeic(bytes);
  const type = heic ? 'image/jpeg' : sniffPicture(bytes);
  if (!type) return { ok: false, reason: 'not-a-picture' };
  const meta = await sharp(bytes, { limitInputPixels: false })
    .metadata()
    .catch(() => null);
  if (!heic && (!meta?.width || !meta.height)) return { ok: false, reason: 'damaged' };
  if ((meta?.width ?? 0) * (meta?.height ?? 0) > PHOTO_LIMITS.pixels) return { ok: false, reason: 'too-many-pixels' };
  const kept = heic
    ? await heicToJpeg(bytes, PHOTO_LIMITS.pixels)
    : await withoutNotes(bytes, type, meta?.orientation ?? 1).catch(() => null);
  if (!kept) return { ok: false, reason: 'damaged' };
  try {
    const small = await smallCopy(kept);
    const { width, height, orientation } = await sharp(kept).metadata();
    const turned = (orientation ?? 1) >= 5;
    return { ok: true, kept, type, small, widthPx: turned ? height : width, heightPx: turned ? width : height };
  } catch {
    return { ok: false, reason: 'damaged' };
  }
}
