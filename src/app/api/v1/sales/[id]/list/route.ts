import { z } from 'zod';
import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { salesOf } from '@/data/sales';
import { bodyOf, notFound, problem, route } from '@/server/api';
import { previewList, takeShownList } from '@/server/sale-list';

const MOST_LETTERS = 2_000_000;
const schema = z.strictObject({
  csv: z.string().max(MOST_LETTERS),
  /** Of the preview that is to be taken; without it nothing is. */
  take: z.string().max(64).optional(),
});

/** Says what a list of lots as CSV would do; with the digest of that answer, does it, whole or not at all. */
export const POST = route<{ id: string }>(
  mayManage,
  async ({ actor, request, params }) => {
    const sale = (await salesOf(db(), actor)).find((s) => s.id === params.id);
    if (!sale) return notFound();
    if (sale.state !== 'open') return problem(409, 'sale-closed', 'This sale is closed. Open it again to add lots.');
    const parsed = await bodyOf(
      request,
      schema,
      'Give {"csv": text} and, to take it, {"take": digest}.',
      3 * MOST_LETTERS,
    );
    if (!parsed.ok) return parsed.response;
    const { csv, take } = parsed.data;
    if (take === undefined) return Response.json({ ok: true, ...(await previewList(db(), actor, params.id, csv)) });
    const done = await takeShownList(db(), actor, params.id, csv, take);
    if (done === null) return notFound();
    return done === 'changed-meanwhile'
      ? problem(
          409,
          done,
          'The list has mistakes, or the sale changed since it was shown. Nothing was taken; look again.',
        )
      : Response.json({ ok: true, ...done });
  },
  'heavy',
);
