import { createHash } from 'node:crypto';
import exifr from 'exifr';
import sharp from 'sharp';
import { type PictureType, sniffPicture, stripMetadata } from '@/core/image/strip-metadata';
import type { Actor } from '@/data/actor';
import type { Db } from '@/data/db';
import { notePhotoFile, type PhotoFile, photoFileOf } from '@/data/photos';
import { hasPhoto, putPhoto } from './photo-store';

export const PHOTO_LIMITS = {
  /** Bytes of one file. */
  bytes: 40 * 1024 * 1024,
  /** Pixels of one picture; more is refused before it is unpacked. */
  pixels: 100_000_000,
} as const;

export type PhotoRefusal = 'not-a-picture' | 'damaged' | 'too-many-pixels' | 'too-large';
export type TakenPhoto = Omit<PhotoFile, 'orgId'>;

/** EXIF local time as an instant; without a zone of its own it is read as UTC. */
async function takenAt(bytes: Buffer): Promise<Date | null> {
  const exif = await exifr
    .parse(bytes, { pick: ['DateTimeOriginal', 'CreateDate'], reviveValues: false })
    .catch(() => null);
  const text: unknown = exif?.DateTimeOriginal ?? exif?.CreateDate;
  const m = typeof text === 'string' ? /^(\d{4}):(\d\d):(\d\d) (\d\d):(\d\d):(\d\d)/.exec(text) : null;
  if (!m) return null;
  const at = new Date(`${m[1]}-${m[2]}-${m[3]}T${m[4]}:${m[5]}:${m[6]}Z`);
  return Number.isNaN(at.getTime()) ? null : at;
}

async function withoutNotes(bytes: Buffer, type: PictureType, orientation: number): Promise<Uint8Array | null> {
  if (type !== 'image/jpeg' && orientation > 1) {
    const turned = sharp(bytes, { limitInputPixels: PHOTO_LIMITS.pixels }).rotate();
    return type === 'image/png' ? turned.png().toBuffer() : turned.webp({ quality: 95 }).toBuffer();
  }
  return stripMetadata(bytes, type, orientation);
}

/**
 * Takes one picture in: checks what it is, removes position and names, keeps it under the SHA-256 of what is kept, and
 * makes copies of at most 2048 and 320 px, turned upright. Refuses by reason; nothing is stored of a refused one.
 */
export async function importPhoto(
  db: Db,
  actor: Actor,
  bytes: Buffer,
): Promise<{ ok: true; photo: TakenPhoto } | { ok: false; reason: PhotoRefusal }> {
  if (bytes.length > PHOTO_LIMITS.bytes) return { ok: false, reason: 'too-large' };
  const type = sniffPicture(bytes);
  if (!type) return { ok: false, reason: 'not-a-picture' };
  const meta = await sharp(bytes, { limitInputPixels: false })
    .metadata()
    .catch(() => null);
  if (!meta?.width || !meta.height) return { ok: false, reason: 'damaged' };
  if (meta.width * meta.height > PHOTO_LIMITS.pixels) return { ok: false, reason: 'too-many-pixels' };
  const kept = await withoutNotes(bytes, type, meta.orientation ?? 1);
  if (!kept) return { ok: false, reason: 'damaged' };
  const sha256 = createHash('sha256').update(kept).digest('hex');
  const known = await photoFileOf(db, actor, sha256);
  if (known && (await hasPhoto(sha256))) return { ok: true, photo: known };
  const copies = await derivatives(kept);
  if (!copies) return { ok: false, reason: 'damaged' };
  await Promise.all([
    putPhoto(sha256, 'full', kept),
    putPhoto(sha256, '2048', copies.large),
    putPhoto(sha256, '320', copies.small),
  ]);
  const photo: TakenPhoto = {
    sha256,
    type,
    bytes: kept.length,
    widthPx: copies.widthPx,
    heightPx: copies.heightPx,
    takenAt: await takenAt(bytes),
  };
  await notePhotoFile(db, actor, photo);
  return { ok: true, photo };
}

async function derivatives(
  kept: Uint8Array,
): Promise<{ large: Buffer; small: Buffer; widthPx: number; heightPx: number } | null> {
  try {
    const upright = sharp(kept, { limitInputPixels: PHOTO_LIMITS.pixels, failOn: 'error' }).autoOrient();
    const large = await upright
      .clone()
      .resize(2048, 2048, { fit: 'inside', withoutEnlargement: true })
      .webp({ quality: 82 })
      .toBuffer({ resolveWithObject: true });
    const small = await sharp(large.data)
      .resize(320, 320, { fit: 'inside', withoutEnlargement: true })
      .webp({ quality: 78 })
      .toBuffer();
    const { width, height, orientation } = await sharp(kept).metadata();
    const turned = (orientation ?? 1) >= 5;
    return {
      large: large.data,
      small,
      widthPx: (turned ? height : width) ?? large.info.width,
      heightPx: (turned ? width : height) ?? large.info.height,
    };
  } catch {
    return null;
  }
}
