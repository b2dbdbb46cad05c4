import { notFound } from '@/server/api';
import { exportAnswer } from '@/server/export/export-answer';
import { openReport, pdfOf, revisionAsked } from '@/server/public-report';

export async function GET(request: Request, context: { params: Promise<{ token: string }> }): Promise<Response> {
  const report = await openReport(
    (await context.params).token,
    revisionAsked(new URL(request.url).searchParams.get('revision')),
  );
  const job = report ? await pdfOf(report) : null;
  const answer = job
    ? await exportAnswer(job, report!.snapshot.bundle.lot.number, report!.snapshot.revision).catch(() => null)
    : null;
  return answer ?? notFound();
}
