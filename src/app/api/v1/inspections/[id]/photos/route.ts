import { mayEnter } from '@/data/actor';
import { db } from '@/data/db';
import { inspectionHead } from '@/data/inspections';
import { bodyBytes, notFound, problem, route } from '@/server/api';
import { importPhoto } from '@/server/photo-import';
import { PHOTO_LIMITS } from '@/server/photo-limits';
import { pictureAnswer, withStore } from '@/server/photo-problems';

/** One picture a request, its bytes as the body. Large pictures over a poor network go in parts: `uploads`. */
export const POST = route<{ id: string }>(mayEnter, async ({ actor, request, params }) => {
  const head = await inspectionHead(db(), actor, params.id);
  if (!head) return notFound();
  if (head.state === 'sealed')
    return problem(409, 'sealed', 'This report is sealed. Start a new revision to add pictures.');
  const bytes = await bodyBytes(request, PHOTO_LIMITS.bytes);
  if (!bytes) return pictureAnswer({ ok: false, reason: 'too-large' });
  return withStore(async () => pictureAnswer(await importPhoto(db(), actor, bytes)));
});
