import { z } from 'zod';
import { type Actor, mayEnter } from '@/data/actor';
import { db } from '@/data/db';
import { inspectionHead } from '@/data/inspections';
import { bodyBytes, bodyOf, notFound, problem, route } from '@/server/api';
import { takenAnswer } from '@/server/film/film-problems';
import { FILM_LIMITS, MOST_FILM_PARTS } from '@/server/film/film-store';
import { filmPartSchema, filmState, finishFilm, keepFilmPart } from '@/server/film/film-uploads';
import { withStore } from '@/server/photo-problems';

type Params = { id: string; sha: string };
const SHA = /^[0-9a-f]{64}$/;
const finish = z.object({ parts: z.number().int().min(1).max(MOST_FILM_PARTS) });

/** Why nothing can be sent here, or null. */
async function barred(actor: Actor, { id, sha }: Params): Promise<Response | null> {
  const head = SHA.test(sha) ? await inspectionHead(db(), actor, id) : null;
  if (!head) return notFound();
  return head.state === 'sealed'
    ? problem(409, 'sealed', 'This report is sealed. Start a new revision to add a film.')
    : null;
}

/** What has arrived of the film with this SHA-256: the film as kept, or the numbers of its parts. */
export const GET = route<Params>(mayEnter, async ({ actor, params }) => {
  const no = await barred(actor, params);
  if (no) return no;
  return withStore(async () => {
    const { film, parts } = await filmState(db(), actor, params.sha);
    return film
      ? takenAnswer({ ok: true, film })
      : Response.json({ ok: false, parts, partBytes: FILM_LIMITS.partBytes });
  });
});

/** One part of the film: `?part=` counted from 0, all of 4 MiB but the last. */
export const PUT = route<Params>(mayEnter, async ({ actor, request, params }) => {
  const no = await barred(actor, params);
  if (no) return no;
  const part = filmPartSchema.safeParse(new URL(request.url).searchParams.get('part') ?? undefined);
  const bytes = await bodyBytes(request, FILM_LIMITS.partBytes);
  if (!part.success || !bytes || bytes.length === 0)
    return problem(
      400,
      'malformed',
      `A part has a number from 0 to ${MOST_FILM_PARTS - 1} and 1 to ${FILM_LIMITS.partBytes} bytes.`,
    );
  return withStore(async () => {
    await keepFilmPart(actor, params.sha, part.data, bytes);
    return Response.json({ ok: true });
  });
});

/** All parts are sent: places and names are taken out of the film, and it is kept. Asking again gives the same answer. */
export const POST = route<Params>(mayEnter, async ({ actor, request, params }) => {
  const no = await barred(actor, params);
  if (no) return no;
  const parsed = await bodyOf(request, finish, `Say how many parts there are, 1 to ${MOST_FILM_PARTS}.`, 1000);
  if (!parsed.ok) return parsed.response;
  return withStore(async () => takenAnswer(await finishFilm(db(), actor, params.sha, parsed.data.parts)));
});
