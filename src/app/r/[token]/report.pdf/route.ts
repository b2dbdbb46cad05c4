import { notFound } from '@/server/api';
import { exportAnswer } from '@/server/export/export-answer';
import { openReport, pdfOf, revisionAsked, strangerMust } from '@/server/public-report';

export async function GET(request: Request, context: { params: Promise<{ token: string }> }): Promise<Response> {
  const { token } = await context.params;
  const must = await strangerMust(request.headers, token);
  if (must) return must;
  const report = await openReport(token, revisionAsked(new URL(request.url).searchParams.get('revision')));
  const job = report ? await pdfOf(report) : null;
  const answer = job
    ? await exportAnswer(job, report!.snapshot.bundle.lot.number, report!.snapshot.revision).catch(() => null)
    : null;
  return answer ?? notFound();
}
