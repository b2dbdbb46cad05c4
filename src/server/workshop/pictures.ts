import sharp from 'sharp';
import { type PictureType, sniffPicture, stripMetadata } from '@/core/image/strip-metadata';
import { PHOTO_LIMITS, type PhotoRefusal } from '../photo-limits';
import { heicToJpeg, looksLikeHeic } from './heic';
import { takenAt } from './taken-at';

// Runs in the workshop's processes only: whatever a stranger's file does to a decoder, it does there.

const SMALL_PX = 320;
const MIDDLE_PX = 960;
const LARGE_PX = 2048;

export type ReadPicture =
  | {
      ok: true;
      kept: Uint8Array;
      type: PictureType;
      small: Buffer;
      widthPx: number;
      heightPx: number;
      takenAt: Date | null;
    }
  | { ok: false; reason: PhotoRefusal };

async function withoutNotes(bytes: Buffer, type: PictureType, orientation: number): Promise<Uint8Array | null> {
  if (type !== 'image/jpeg' && orientation > 1) {
    const turned = sharp(bytes, { limitInputPixels: PHOTO_LIMITS.pixels }).rotate();
    return type === 'image/png' ? turned.png().toBuffer() : turned.webp({ quality: 95 }).toBuffer();
  }
  return stripMetadata(bytes, type, orientation);
}

/** The upright copy of at most 320 px; throws when the picture is damaged. Fast: the decoder shrinks as it reads. */
export function smallCopy(kept: Uint8Array): Promise<Buffer> {
  return sharp(kept, { limitInputPixels: PHOTO_LIMITS.pixels, failOn: 'error' })
    .autoOrient()
    .resize(SMALL_PX, SMALL_PX, { fit: 'inside', withoutEnlargement: true })
    .webp({ quality: 78 })
    .toBuffer();
}

const copyOf = (kept: Uint8Array, most: number): Promise<Buffer> =>
  sharp(kept, { limitInputPixels: PHOTO_LIMITS.pixels })
    .autoOrient()
    .resize(most, most, { fit: 'inside', withoutEnlargement: true })
    .webp({ quality: 82 })
    .toBuffer();

/** The upright copy of at most 960 px: as wide as a phone shows one. */
export const middleCopy = (kept: Uint8Array): Promise<Buffer> => copyOf(kept, MIDDLE_PX);

/** The upright copy of at most 2048 px. */
export const largeCopy = (kept: Uint8Array): Promise<Buffer> => copyOf(kept, LARGE_PX);

/** What a file is, without notes and positions, with its small copy (which proves that it can be unpacked). */
export async function readPicture(given: Uint8Array): Promise<ReadPicture> {
  const bytes = Buffer.from(given.buffer, given.byteOffset, given.byteLength);
  const heic = looksLikeHeic(bytes);
  const type = heic ? 'image/jpeg' : sniffPicture(bytes);
  if (!type) return { ok: false, reason: 'not-a-picture' };
  const meta = await sharp(bytes, { limitInputPixels: false })
    .metadata()
    .catch(() => null);
  if (!heic && (!meta?.width || !meta.height)) return { ok: false, reason: 'damaged' };
  const most = heic || meta?.isProgressive ? PHOTO_LIMITS.heldPixels : PHOTO_LIMITS.pixels;
  if ((meta?.width ?? 0) * (meta?.height ?? 0) > most) return { ok: false, reason: 'too-many-pixels' };
  const kept = heic
    ? await heicToJpeg(bytes, PHOTO_LIMITS.heldPixels)
    : await withoutNotes(bytes, type, meta?.orientation ?? 1).catch(() => null);
  if (!kept) return { ok: false, reason: 'damaged' };
  try {
    const small = await smallCopy(kept);
    const { width, height, orientation } = await sharp(kept).metadata();
    const turned = (orientation ?? 1) >= 5;
    return {
      ok: true,
      kept,
      type,
      small,
      widthPx: turned ? height : width,
      heightPx: turned ? width : height,
      takenAt: await takenAt(bytes, heic),
    };
  } catch {
    return { ok: false, reason: 'damaged' };
  }
}
