import { notFound } from '@/server/api';
import { filmAnswer } from '@/server/film/film-answer';
import { callerOf, inLane } from '@/server/lanes';
import { linkedFilm, strangerMust } from '@/server/public-report';

type Context = { params: Promise<{ token: string; sha: string }> };

export const GET = (request: Request, context: Context): Promise<Response> =>
  inLane(callerOf(request.headers), () => answer(request, context));

async function answer(request: Request, context: Context): Promise<Response> {
  const { token, sha } = await context.params;
  const must = await strangerMust(request.headers, token);
  if (must) return must;
  const film = /^[0-9a-f]{64}$/.test(sha) ? await linkedFilm(token, sha) : null;
  return film ? filmAnswer(request, film) : notFound();
}
