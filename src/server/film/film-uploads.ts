import { createHash } from 'node:crypto';
import { z } from 'zod';
import { FREE, notesOf, sniffFilm } from '@/core/film/boxes';
import type { Actor } from '@/data/actor';
import type { Db } from '@/data/db';
import { type FilmFile, filmBytes, filmOfOrigin, noteFilmFile } from '@/data/films';
import { organisationBytes } from '@/data/photos';
import { photoStore } from '../photo-store';
import { quotas } from '../quotas';
import { FILM_LIMITS, filmKey, hasFilm, MOST_FILM_PARTS, partsOf } from './film-store';

export const filmPartSchema = z.coerce
  .number()
  .int()
  .min(0)
  .max(MOST_FILM_PARTS - 1);

export type TakenFilm = Pick<FilmFile, 'sha256' | 'type' | 'bytes'>;
export type FilmRefusal = 'parts-missing' | 'parts-differ' | 'not-a-film' | 'damaged' | 'quota';

const folderOf = (actor: Actor, origin: string) => `parts-film-${actor.orgId}-${origin}/`;

/** What the server has of a file, by the SHA-256 of the whole file: the film when it is in already, else its parts. */
export async function filmState(
  db: Db,
  actor: Actor,
  origin: string,
): Promise<{ film: TakenFilm | null; parts: number[] }> {
  const film = await filmOfOrigin(db, actor, origin);
  if (film && (await hasFilm(film))) return { film, parts: [] };
  const names = await photoStore().list(folderOf(actor, origin));
  const parts = names.map((n) => Number(n.split('/').pop())).filter((n) => Number.isInteger(n));
  return { film: null, parts: parts.sort((a, b) => a - b) };
}

/** Keeps one part; the same part twice is one. */
export const keepFilmPart = (actor: Actor, origin: string, part: number, bytes: Buffer): Promise<void> =>
  photoStore().put(`${folderOf(actor, origin)}${part}`, bytes);

/** Bytes spread over parts of one size, read and written in place. */
class Parts {
  private held: { part: number; bytes: Buffer } | null = null;
  constructor(private readonly folder: string) {}

  async part(n: number): Promise<Buffer> {
    if (this.held?.part === n) return this.held.bytes;
    const bytes = await photoStore().get(`${this.folder}${n}`);
    if (!bytes) throw new Error(`part ${n} is gone`);
    this.held = { part: n, bytes };
    return bytes;
  }

  async read(at: number, length: number): Promise<Uint8Array> {
    const pieces: Buffer[] = [];
    for (let from = at; from < at + length; ) {
      const n = Math.floor(from / FILM_LIMITS.partBytes);
      const start = n * FILM_LIMITS.partBytes;
      const piece = (await this.part(n)).subarray(from - start, at + length - start);
      if (piece.length === 0) break;
      pieces.push(piece);
      from += piece.length;
    }
    return Buffer.concat(pieces);
  }
}

/** What is written over of a part: names of boxes of notes become free room, and the notes themselves nothing. */
function blanked(bytes: Buffer, start: number, notes: NonNullable<Awaited<ReturnType<typeof notesOf>>>): Buffer {
  const out = Buffer.from(bytes);
  for (const { nameAt, from, to } of notes) {
    for (let i = 0; i < FREE.length; i++)
      if (nameAt + i >= start && nameAt + i < start + out.length) out[nameAt + i - start] = FREE[i]!;
    const [a, b] = [Math.max(0, from - start), Math.min(out.length, to - start)];
    if (a < b) out.fill(0, a, b);
  }
  return out;
}

async function hashOfParts(parts: Parts, n: number): Promise<{ sha256: string; bytes: number; even: boolean }> {
  const hash = createHash('sha256');
  let bytes = 0;
  let even = true;
  for (let i = 0; i < n; i++) {
    const part = await parts.part(i);
    if (i < n - 1 && part.length !== FILM_LIMITS.partBytes) even = false;
    hash.update(part);
    bytes += part.length;
  }
  return { sha256: hash.digest('hex'), bytes, even };
}

/**
 * Proves that the parts are the file announced and a film, takes places and names out of it, and keeps it under the
 * SHA-256 of what is kept. Never holds more than a part in memory. Refuses by reason; parts of a refused film are taken away.
 */
export async function finishFilm(
  db: Db,
  actor: Actor,
  origin: string,
  count: number,
): Promise<{ ok: true; film: TakenFilm } | { ok: false; reason: FilmRefusal }> {
  const present = await filmState(db, actor, origin);
  if (present.film) return { ok: true, film: present.film };
  const folder = folderOf(actor, origin);
  if (Array.from({ length: count }, (_, i) => i).some((i) => !present.parts.includes(i)))
    return { ok: false, reason: 'parts-missing' };
  const parts = new Parts(folder);
  const whole = await hashOfParts(parts, count);
  const taken = await takeFilm(db, actor, {
    origin,
    count,
    parts,
    ...whole,
    fits: whole.even && whole.sha256 === origin,
  });
  for (const i of present.parts) await photoStore().remove(`${folder}${i}`);
  return taken;
}

async function takeFilm(
  db: Db,
  actor: Actor,
  of: { origin: string; count: number; parts: Parts; bytes: number; fits: boolean },
): Promise<{ ok: true; film: TakenFilm } | { ok: false; reason: FilmRefusal }> {
  if (!of.fits) return { ok: false, reason: 'parts-differ' };
  const type = sniffFilm(await of.parts.read(0, Math.min(64, of.bytes)));
  if (!type) return { ok: false, reason: 'not-a-film' };
  const notes = type === 'video/webm' ? [] : await notesOf(of.bytes, (at, n) => of.parts.read(at, n));
  if (!notes) return { ok: false, reason: 'damaged' };
  const held = (await organisationBytes(db, actor)) + (await filmBytes(db, actor));
  if (held + of.bytes > quotas().pictureBytes) return { ok: false, reason: 'quota' };
  const partAt = async (i: number) => blanked(await of.parts.part(i), i * FILM_LIMITS.partBytes, notes);
  const hash = createHash('sha256');
  for (let i = 0; i < of.count; i++) hash.update(await partAt(i));
  const film = { sha256: hash.digest('hex'), bytes: of.bytes, partBytes: FILM_LIMITS.partBytes, type };
  for (let i = 0; i < partsOf(film); i++) await photoStore().put(filmKey(film.sha256, i), await partAt(i));
  await noteFilmFile(db, actor, { ...film, originSha256: of.origin });
  return { ok: true, film };
}
