import { Readable } from 'node:stream';
import type { FilmFile } from '@/data/films';
import { photoStore } from '../photo-store';

/** What is needed to read a kept film. */
export type StoredFilm = Pick<FilmFile, 'sha256' | 'bytes' | 'partBytes'>;

const MB = 1024 * 1024;
export const FILM_LIMITS = {
  /** Bytes of one film: twenty-five minutes as telephones film, with room. */
  bytes: 2000 * MB,
  /** A film is sent, kept and given out in parts of this size, so that no film is ever held in memory whole. */
  partBytes: 4 * MB,
} as const;
export const MOST_FILM_PARTS = Math.ceil(FILM_LIMITS.bytes / FILM_LIMITS.partBytes);

/** The name under which a part of a kept film lies in the store. */
export const filmKey = (sha256: string, part: number) => `film-${sha256}/${part}`;
export const partsOf = ({ bytes, partBytes }: Pick<StoredFilm, 'bytes' | 'partBytes'>) => Math.ceil(bytes / partBytes);

/** The bytes of a kept film from one to another, both counted in, piece by piece; ends early where the store lost a part. */
export async function* filmPieces(film: StoredFilm, from: number, to: number): AsyncGenerator<Buffer> {
  for (let part = Math.floor(from / film.partBytes); part * film.partBytes <= to; part++) {
    const bytes = await photoStore().get(filmKey(film.sha256, part));
    if (!bytes) throw new Error(`part ${part} of the film ${film.sha256.slice(0, 12)}… is not in the store`);
    const start = part * film.partBytes;
    yield bytes.subarray(Math.max(0, from - start), Math.min(bytes.length, to - start + 1));
  }
}

export const filmStream = (film: StoredFilm): Readable => Readable.from(filmPieces(film, 0, film.bytes - 1));

/** Whether all parts of a film lie in the store. */
export async function hasFilm(film: StoredFilm): Promise<boolean> {
  for (let i = 0; i < partsOf(film); i++) if (!(await photoStore().has(filmKey(film.sha256, i)))) return false;
  return true;
}

export async function removeFilm(film: StoredFilm): Promise<void> {
  for (let i = 0; i < partsOf(film); i++) await photoStore().remove(filmKey(film.sha256, i));
}
