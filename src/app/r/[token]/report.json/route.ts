import { notFound } from '@/server/api';
import { openReport, revisionAsked, strangerMust } from '@/server/public-report';

export async function GET(request: Request, context: { params: Promise<{ token: string }> }): Promise<Response> {
  const { token } = await context.params;
  const must = await strangerMust(request.headers, token);
  if (must) return must;
  const report = await openReport(token, revisionAsked(new URL(request.url).searchParams.get('revision')));
  if (!report) return notFound();
  const name = `lot-${report.snapshot.bundle.lot.number}-revision-${report.snapshot.revision}.farvin-report.json`;
  return new Response(report.text, {
    headers: {
      'content-type': 'application/json',
      'content-disposition': `attachment; filename="${name}"`,
      'cache-control': 'no-store',
    },
  });
}
