import { z } from 'zod';
import { type Actor, mayEnter } from '@/data/actor';
import { db } from '@/data/db';
import { inspectionHead } from '@/data/inspections';
import { bodyBytes, bodyOf, notFound, problem, route } from '@/server/api';
import { pictureAnswer, withStore } from '@/server/photo-problems';
import { finishUpload, keepPart, MOST_PARTS, PART_BYTES, partSchema, uploadState } from '@/server/photo-uploads';

type Params = { id: string; sha: string };
const SHA = /^[0-9a-f]{64}$/;
const finish = z.object({ parts: z.number().int().min(1).max(MOST_PARTS) });

/** Why nothing can be sent here, or null. */
async function barred(actor: Actor, { id, sha }: Params): Promise<Response | null> {
  const head = SHA.test(sha) ? await inspectionHead(db(), actor, id) : null;
  if (!head) return notFound();
  return head.state === 'sealed'
    ? problem(409, 'sealed', 'This report is sealed. Start a new revision to add pictures.')
    : null;
}

/** What has arrived of the file with this SHA-256: the picture, or the numbers of its parts. */
export const GET = route<Params>(mayEnter, async ({ actor, params }) => {
  const no = await barred(actor, params);
  if (no) return no;
  return withStore(async () => {
    const { photo, parts } = await uploadState(db(), actor, params.sha);
    return photo ? pictureAnswer({ ok: true, photo }) : Response.json({ ok: false, parts, partBytes: PART_BYTES });
  });
});

/** One part of the file: `?part=` counted from 0, at most 1 MiB. */
export const PUT = route<Params>(mayEnter, async ({ actor, request, params }) => {
  const no = await barred(actor, params);
  if (no) return no;
  const part = partSchema.safeParse(new URL(request.url).searchParams.get('part') ?? undefined);
  const bytes = await bodyBytes(request, PART_BYTES);
  if (!part.success || !bytes || bytes.length === 0)
    return problem(400, 'malformed', `A part has a number from 0 to ${MOST_PARTS - 1} and 1 to ${PART_BYTES} bytes.`);
  return withStore(async () => {
    await keepPart(actor, params.sha, part.data, bytes);
    return Response.json({ ok: true });
  });
});

/** All parts are sent: the picture is put together and taken in. Asking again gives the same answer. */
export const POST = route<Params>(mayEnter, async ({ actor, request, params }) => {
  const no = await barred(actor, params);
  if (no) return no;
  const parsed = await bodyOf(request, finish, `Say how many parts there are, 1 to ${MOST_PARTS}.`, 1000);
  if (!parsed.ok) return parsed.response;
  return withStore(async () => pictureAnswer(await finishUpload(db(), actor, params.sha, parsed.data.parts)));
});
