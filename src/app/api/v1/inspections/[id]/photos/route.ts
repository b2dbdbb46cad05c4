import { mayWrite } from '@/data/actor';
import { db } from '@/data/db';
import { inspectionHead } from '@/data/inspections';
import { notFound, problem, route } from '@/server/api';
import { importPhoto, PHOTO_LIMITS, type PhotoRefusal } from '@/server/photo-import';

const SAYS: Record<PhotoRefusal, string> = {
  'not-a-picture': 'This file is no JPEG, PNG or WebP picture.',
  damaged: 'This picture is damaged and cannot be read.',
  'too-many-pixels': `This picture unpacks to more than ${PHOTO_LIMITS.pixels / 1e6} million pixels.`,
  'too-large': `This file is larger than ${PHOTO_LIMITS.bytes / 1024 / 1024} MB.`,
};

/** One picture a request, its bytes as the body. */
export const POST = route<{ id: string }>(mayWrite, async ({ actor, request, params }) => {
  const head = await inspectionHead(db(), actor, params.id);
  if (!head) return notFound();
  if (head.state === 'sealed')
    return problem(409, 'sealed', 'This report is sealed. Start a new revision to add pictures.');
  if (Number(request.headers.get('content-length') ?? 0) > PHOTO_LIMITS.bytes)
    return problem(413, 'too-large', SAYS['too-large']);
  const taken = await importPhoto(db(), actor, Buffer.from(await request.arrayBuffer()));
  if (!taken.ok) return problem(422, taken.reason, SAYS[taken.reason]);
  const { sha256, type, bytes, widthPx, heightPx, takenAt } = taken.photo;
  return Response.json({
    ok: true,
    photo: { sha256, type, bytes, widthPx, heightPx, takenAt: takenAt?.toISOString() ?? null },
  });
});
