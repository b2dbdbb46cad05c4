import { db } from '@/data/db';
import { bundleOf, inspectionHead, recordsOfInspection } from '@/data/inspections';
import { anyone, notFound, route } from '@/server/api';

export const GET = route<{ id: string }>(
  anyone,
  async ({ actor, params }) => {
    const head = await inspectionHead(db(), actor, params.id);
    if (!head) return notFound();
    const bundle = bundleOf(head, await recordsOfInspection(db(), actor, params.id));
    return Response.json(bundle, {
      headers: {
        'content-disposition': `attachment; filename="lot-${head.lot.number}.farvin.json"`,
        'cache-control': 'no-store',
      },
    });
  },
  'heavy',
  'records',
);
