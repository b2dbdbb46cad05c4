import { z } from 'zod';
import { csvTable } from '@/core/csv/write';
import { docHtml, docText } from '@/core/listing/doc';
import { mayPublish } from '@/data/actor';
import { db } from '@/data/db';
import { saleListings } from '@/data/listings';
import { salesOf } from '@/data/sales';
import { notFound, problem, route } from '@/server/api';
import { goesOut, standingNow } from '@/server/listing';

type Row = Awaited<ReturnType<typeof saleListings>>[number];
/** The columns that a catalogue can have. */
const COLUMNS = {
  lot: (r: Row) => r.number,
  title: (r: Row) => r.title,
  consignor: (r: Row) => r.consignor,
  grade: (r: Row) => r.grade && Math.round(r.grade),
  seen: (r: Row) => `${Math.round(r.seen * 100)} %`,
  report: (r: Row) => r.state,
  short: (r: Row) => r.listing?.short ?? '',
  long: (r: Row) => (r.listing ? docText(r.listing.long) : ''),
  html: (r: Row) => (r.listing ? docHtml(r.listing.long) : ''),
} as const;
type Column = keyof typeof COLUMNS;
const USUAL: readonly Column[] = ['lot', 'title', 'short', 'long'];
const schema = z.array(z.enum(Object.keys(COLUMNS) as [Column, ...Column[]])).min(1);

/** A sale's listings as a table. None goes out that contradicts what was found, unless a manager said why. */
export const GET = route<{ id: string }>(mayPublish, async ({ actor, request, params }) => {
  if (!(await salesOf(db(), actor)).some((s) => s.id === params.id)) return notFound();
  const given = new URL(request.url).searchParams.get('columns');
  const columns = given === null ? { success: true as const, data: [...USUAL] } : schema.safeParse(given.split(','));
  if (!columns.success) return problem(400, 'malformed', `columns are some of ${Object.keys(COLUMNS).join(', ')}.`);
  const rows = await saleListings(db(), actor, params.id);
  // One after the other: each that something came after is judged anew.
  const held: Row[] = [];
  for (const row of rows) if (row.listing && !goesOut(await standingNow(db(), actor, row.listing))) held.push(row);
  if (held.length > 0)
    return problem(
      409,
      'contradicted',
      `The listings of lots ${held.map((r) => r.number).join(', ')} say what was found otherwise. Put them right, or let a manager say why they go out. Nothing was handed out.`,
    );
  const text = csvTable(
    columns.data,
    rows.filter((r) => r.listing).map((r) => columns.data.map((c) => COLUMNS[c](r))),
  );
  return new Response(text, {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': 'attachment; filename="catalogue.csv"',
      'cache-control': 'no-store',
    },
  });
});
