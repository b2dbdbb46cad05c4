import { notFound } from '@/server/api';
import { isPhotoSize, photoAnswer } from '@/server/photo-answer';
import { openReport } from '@/server/public-report';

export async function GET(
  _request: Request,
  context: { params: Promise<{ token: string; sha: string; size: string }> },
): Promise<Response> {
  const { token, sha, size } = await context.params;
  const report = isPhotoSize(size) ? await openReport(token) : null;
  const inReport = (r: typeof report) => r?.snapshot.bundle.photos.find((p) => p.sha256 === sha);
  let photo = inReport(report);
  // A picture of an earlier revision, which the same link opens.
  for (const { revision } of report?.revisions.slice(1) ?? []) photo ??= inReport(await openReport(token, revision));
  return photo && isPhotoSize(size) ? photoAnswer(photo.sha256, size, photo.type, 'private') : notFound();
}
