import { STRIPPED_BY } from '@/core/image/strip-metadata';
import type { Actor } from '@/data/actor';
import type { Db } from '@/data/db';
import { notePhotoFile, organisationBytes, type PhotoFile, photoOfOrigin } from '@/data/photos';
import { ensureCopy } from './photo-derivatives';
import { PHOTO_LIMITS, type PhotoRefusal } from './photo-limits';
import { hasPhoto, putPhoto } from './photo-store';
import { quotas } from './quotas';
import { sha256Of } from './sha256';
import type { ReadPicture } from './workshop/pictures';
import { pictureShop, WorkRefused } from './workshop/workshop';

export type TakenPhoto = Pick<PhotoFile, 'sha256' | 'type' | 'bytes' | 'widthPx' | 'heightPx' | 'takenAt'>;

const WHY = { ended: 'damaged', memory: 'too-heavy', time: 'too-heavy', busy: 'busy' } as const;

/** Reads a file in a process of its own; one that hurts its process is refused as too heavy. */
async function readPicture(bytes: Buffer): Promise<ReadPicture | { ok: false; reason: PhotoRefusal }> {
  try {
    return await pictureShop().run('readPicture', bytes);
  } catch (error) {
    if (error instanceof WorkRefused) return { ok: false, reason: WHY[error.why] };
    throw error;
  }
}

/**
 * Takes one picture in: checks what it is, removes position and names, keeps it under the SHA-256 of what is kept, and
 * makes its small copy (which proves that it can be unpacked) at once and the large one after the answer, or only when it is
 * asked for. HEIC becomes JPEG. A file taken before is recognised by its hash. Refuses by reason; nothing is stored of a refused one.
 */
export async function importPhoto(
  db: Db,
  actor: Actor,
  bytes: Buffer,
  large: 'at-once' | 'when-asked' = 'at-once',
): Promise<{ ok: true; photo: TakenPhoto } | { ok: false; reason: PhotoRefusal }> {
  if (bytes.length > PHOTO_LIMITS.bytes) return { ok: false, reason: 'too-large' };
  const origin = sha256Of(bytes);
  const before = await photoOfOrigin(db, actor, origin);
  if (before && (await hasPhoto(before.sha256))) return { ok: true, photo: before };
  const read = await readPicture(bytes);
  if (!read.ok) return read;
  if ((await organisationBytes(db, actor)) + read.kept.length > quotas().pictureBytes)
    return { ok: false, reason: 'quota' };
  const { type, widthPx, heightPx } = read;
  const kept = Buffer.from(read.kept.buffer, read.kept.byteOffset, read.kept.byteLength);
  const sha256 = sha256Of(kept);
  await Promise.all([putPhoto(sha256, 'full', kept), putPhoto(sha256, '320', read.small)]);
  const photo: TakenPhoto = {
    sha256,
    type,
    bytes: kept.length,
    widthPx,
    heightPx,
    takenAt: read.takenAt,
  };
  await notePhotoFile(db, actor, { ...photo, stripped: STRIPPED_BY }, origin);
  // Off the request's path: whoever asks for the large copy sooner waits for this same work.
  if (large === 'at-once') void ensureCopy(sha256, '2048', kept).catch(() => {});
  return { ok: true, photo };
}
