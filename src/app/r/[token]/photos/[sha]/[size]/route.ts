import { notFound } from '@/server/api';
import { callerOf, inLane } from '@/server/lanes';
import { isPhotoSize, photoAnswer } from '@/server/photo-answer';
import { linkedPicture, strangerMust } from '@/server/public-report';

type Context = { params: Promise<{ token: string; sha: string; size: string }> };

export const GET = (request: Request, context: Context): Promise<Response> =>
  inLane(callerOf(request.headers), () => answer(request, context));

async function answer(request: Request, context: Context): Promise<Response> {
  const { token, sha, size } = await context.params;
  const must = await strangerMust(request.headers, token);
  if (must) return must;
  const picture = isPhotoSize(size) && /^[0-9a-f]{64}$/.test(sha) ? await linkedPicture(token, sha, size) : null;
  return picture && isPhotoSize(size)
    ? photoAnswer(request, sha, size, picture.type, 'link', picture.blur)
    : notFound();
}
