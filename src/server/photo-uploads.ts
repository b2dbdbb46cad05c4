import { z } from 'zod';
import type { Actor } from '@/data/actor';
import type { Db } from '@/data/db';
import { photoOfOrigin } from '@/data/photos';
import { importPhoto, type TakenPhoto } from './photo-import';
import { PHOTO_LIMITS, type PhotoRefusal } from './photo-limits';
import { hasPhoto, photoStore } from './photo-store';
import { sha256Of } from './sha256';

/** A picture is sent in parts of this size, so that a broken connection costs one part. */
export const PART_BYTES = 1024 * 1024;
export const MOST_PARTS = Math.ceil(PHOTO_LIMITS.bytes / PART_BYTES);
export const partSchema = z.coerce
  .number()
  .int()
  .min(0)
  .max(MOST_PARTS - 1);

const folderOf = (actor: Actor, origin: string) => `parts-${actor.orgId}-${origin}/`;

/** What the server has of a file, by the SHA-256 of the whole file: the picture when it is in already, else its parts. */
export async function uploadState(
  db: Db,
  actor: Actor,
  origin: string,
): Promise<{ photo: TakenPhoto | null; parts: number[] }> {
  const photo = await photoOfOrigin(db, actor, origin);
  if (photo && (await hasPhoto(photo.sha256))) return { photo, parts: [] };
  const names = await photoStore().list(folderOf(actor, origin));
  const parts = names.map((n) => Number(n.split('/').pop())).filter((n) => Number.isInteger(n));
  return { photo: null, parts: parts.sort((a, b) => a - b) };
}

/** Keeps one part; the same part twice is one. */
export async function keepPart(actor: Actor, origin: string, part: number, bytes: Buffer): Promise<void> {
  await photoStore().put(`${folderOf(actor, origin)}${part}`, bytes);
}

/** Puts the parts together, proves that they are the file announced, and takes the picture in. */
export async function finishUpload(
  db: Db,
  actor: Actor,
  origin: string,
  parts: number,
): Promise<{ ok: true; photo: TakenPhoto } | { ok: false; reason: PhotoRefusal | 'parts-missing' | 'parts-differ' }> {
  const present = await uploadState(db, actor, origin);
  if (present.photo) return { ok: true, photo: present.photo };
  const folder = folderOf(actor, origin);
  const pieces: Buffer[] = [];
  for (let i = 0; i < parts; i++) {
    const piece = await photoStore().get(`${folder}${i}`);
    if (!piece) return { ok: false, reason: 'parts-missing' };
    pieces.push(piece);
  }
  const bytes = Buffer.concat(pieces);
  const whole = sha256Of(bytes) === origin;
  const taken = whole ? await importPhoto(db, actor, bytes) : ({ ok: false, reason: 'parts-differ' } as const);
  // Taken or refused for good: the parts have done their work.
  for (const i of present.parts) await photoStore().remove(`${folder}${i}`);
  return taken;
}
