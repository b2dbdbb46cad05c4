import { db } from '@/data/db';
import { inspectionHead } from '@/data/inspections';
import { sealedReport } from '@/data/seals';
import { anyone, notFound, route } from '@/server/api';

/** The sealed report of an inspection, exactly as sealed. */
export const GET = route<{ id: string }>(
  anyone,
  async ({ actor, params }) => {
    const head = await inspectionHead(db(), actor, params.id);
    const sealed = head ? await sealedReport(db(), actor, params.id) : null;
    if (!head || !sealed) return notFound();
    const name = `lot-${head.lot.number}-revision-${head.revision}.farvin-report.json`;
    return new Response(sealed.report, {
      headers: {
        'content-type': 'application/json',
        'content-disposition': `attachment; filename="${name}"`,
        'cache-control': 'no-store',
      },
    });
  },
  'light',
  'catalogue',
);
