import { db } from '@/data/db';
import { filmFileOf } from '@/data/films';
import { anyone, notFound, route } from '@/server/api';
import { filmAnswer } from '@/server/film/film-answer';

/** A kept film, whole or by ranges. */
export const GET = route<{ sha: string }>(anyone, async ({ actor, request, params }) => {
  const film = /^[0-9a-f]{64}$/.test(params.sha) ? await filmFileOf(db(), actor, params.sha) : null;
  return film ? filmAnswer(request, film) : notFound();
});
