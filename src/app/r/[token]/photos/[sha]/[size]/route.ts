import { notFound } from '@/server/api';
import { isPhotoSize, photoAnswer } from '@/server/photo-answer';
import { openReport } from '@/server/public-report';

export async function GET(
  _request: Request,
  context: { params: Promise<{ token: string; sha: string; size: string }> },
): Promise<Response> {
  const { token, sha, size } = await context.params;
  const report = await openReport(token);
  const photo = report?.snapshot.bundle.photos.find((p) => p.sha256 === sha);
  return photo && isPhotoSize(size) ? photoAnswer(photo.sha256, size, photo.type, 'private') : notFound();
}
