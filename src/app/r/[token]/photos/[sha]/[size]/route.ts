import { notFound } from '@/server/api';
import { isPhotoSize, photoAnswer } from '@/server/photo-answer';
import { linkedPicture, strangerMust } from '@/server/public-report';

export async function GET(
  request: Request,
  context: { params: Promise<{ token: string; sha: string; size: string }> },
): Promise<Response> {
  const { token, sha, size } = await context.params;
  const must = await strangerMust(request.headers, token);
  if (must) return must;
  const type = isPhotoSize(size) && /^[0-9a-f]{64}$/.test(sha) ? await linkedPicture(token, sha, size) : null;
  return type && isPhotoSize(size) ? photoAnswer(request, sha, size, type, 'link') : notFound();
}
