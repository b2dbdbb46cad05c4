import { problem } from '../api';
import type { FilmRefusal, TakenFilm } from './film-uploads';

const SAYS: Record<FilmRefusal, readonly [status: number, message: string]> = {
  'parts-missing': [409, 'Parts of this film have not arrived yet. Send them, then finish again.'],
  'parts-differ': [409, 'The parts do not make up the film that was announced. Send it again from the start.'],
  'not-a-film': [422, 'This file is no MP4, QuickTime or WebM film. Nothing of it was kept.'],
  damaged: [422, 'This film is damaged and cannot be read. Nothing of it was kept.'],
  quota: [
    507,
    'Your house’s room is full. The film stays on this device; link to where it is kept, or ask whoever runs the server.',
  ],
};

/** The answer to a film that was taken, or refused with its reason. */
export function takenAnswer(taken: { ok: true; film: TakenFilm } | { ok: false; reason: FilmRefusal }): Response {
  if (!taken.ok) return problem(SAYS[taken.reason][0], taken.reason, SAYS[taken.reason][1]);
  const { sha256, type, bytes } = taken.film;
  return Response.json({ ok: true, film: { sha256, type, bytes } });
}
