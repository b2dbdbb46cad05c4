import { notFound } from '@/server/api';
import { exportAnswer } from '@/server/export/export-answer';
import { openReport, pdfOf } from '@/server/public-report';

export async function GET(_request: Request, context: { params: Promise<{ token: string }> }): Promise<Response> {
  const report = await openReport((await context.params).token);
  const job = report ? await pdfOf(report) : null;
  const answer = job
    ? await exportAnswer(job, report!.snapshot.bundle.lot.number, report!.snapshot.revision).catch(() => null)
    : null;
  return answer ?? notFound();
}
