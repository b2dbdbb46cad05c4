import { readFileSync } from 'node:fs';
import type { Actor } from '../../src/data/actor';
import type { Db } from '../../src/data/db';
import { FILM_LIMITS } from '../../src/server/film/film-store';
import { finishFilm, keepFilmPart } from '../../src/server/film/film-uploads';
import { importPhoto } from '../../src/server/photo-import';
import { sha256Of } from '../../src/server/sha256';
import type { DemoVisit } from '../visit';
import { FILM_FILE, FILM_NAME, LENGTH_S, sceneAt, type TalkedRecord } from './enter';
import { stillOf } from './frames';

/** A still is looked for a moment after the words begin, when the telephone is there. */
const AFTER_S = 1;
const POSTER_S = LENGTH_S / 10;

async function picture(
  db: Db,
  actor: Actor,
  visit: DemoVisit,
  atS: number,
  shows: Partial<TalkedRecord>,
): Promise<string> {
  const taken = await importPhoto(db, actor, await stillOf(...sceneAt(atS)));
  if (!taken.ok) throw new Error(`a still of the demo's film was refused: ${taken.reason}`);
  const { sha256, type, bytes, widthPx, heightPx } = taken.photo;
  return visit.put('photo', {
    sha256,
    name: `${FILM_NAME.replace('.mp4', '')} ${atS.toFixed(1)} s.jpg`,
    type,
    bytes,
    widthPx,
    heightPx,
    takenAt: visit.at(),
    zone: shows.zone ?? null,
    finding: shows.of ?? null,
    caption: `Still of the film at ${atS.toFixed(1)} s`,
    drawn: true,
  });
}

/** Keeps the film of the lap as the screens do, with its stills and its poster. */
export async function keepLap(
  db: Db,
  actor: Actor,
  visit: DemoVisit,
  film: string,
  pictured: readonly TalkedRecord[],
): Promise<void> {
  const bytes = readFileSync(FILM_FILE);
  const origin = sha256Of(bytes);
  const parts = Math.ceil(bytes.length / FILM_LIMITS.partBytes);
  for (let i = 0; i < parts; i++)
    await keepFilmPart(actor, origin, i, bytes.subarray(i * FILM_LIMITS.partBytes, (i + 1) * FILM_LIMITS.partBytes));
  const kept = await finishFilm(db, actor, origin, parts);
  if (!kept.ok) throw new Error(`the demo's film was refused: ${kept.reason}`);
  const poster = await picture(db, actor, visit, POSTER_S, {});
  for (const row of pictured) await picture(db, actor, visit, row.fromS + AFTER_S, row);
  const { sha256, type, bytes: size } = kept.film;
  visit.put(
    'film',
    { name: FILM_NAME, type, sha256, bytes: size, lengthS: LENGTH_S, poster, drawn: true, at: visit.at() },
    film,
  );
}
