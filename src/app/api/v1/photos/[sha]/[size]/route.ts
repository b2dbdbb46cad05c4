import { db } from '@/data/db';
import { photoFileOf } from '@/data/photos';
import { anyone, notFound, route } from '@/server/api';
import { isPhotoSize, photoAnswer } from '@/server/photo-answer';

export const GET = route<{ sha: string; size: string }>(anyone, async ({ actor, request, params }) => {
  const file =
    /^[0-9a-f]{64}$/.test(params.sha) && isPhotoSize(params.size) ? await photoFileOf(db(), actor, params.sha) : null;
  return file && isPhotoSize(params.size)
    ? photoAnswer(request, file.sha256, params.size, file.type, 'account')
    : notFound();
});
