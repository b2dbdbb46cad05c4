import { Readable } from 'node:stream';
import { ZipFile } from 'yazl';
import { csvTable } from '@/core/csv/write';
import type { PublicLot } from '@/core/yard/traits';
import { notFound } from '@/server/api';
import { ownOrigins } from '@/server/own-origins';
import { getPhoto } from '@/server/photo-store';
import { strangerMust } from '@/server/public-report';
import { everyLot, heldUntil, saleNamed } from '@/server/sale-page';
import { TRAIT_WORDS } from '@/words/traits';

type Context = { params: Promise<{ token: string }> };

const HEADER = ['lot', 'title', 'year', 'grade', 'low', 'high', 'band', 'seen', 'findings', 'told', 'sha256', 'report'];
const README = [
  'catalogue.csv   the published lots of this sale, one a row; sha256 is the hash of the sealed report',
  'pictures/       the first picture of each, by lot number',
  '',
  'The reports themselves are read under the address in the column report; each page tells how to check its seal.',
  '',
].join('\n');

const rowOf = (l: PublicLot, origin: string) => [
  l.number,
  l.title,
  l.year,
  l.grade && Math.round(l.grade.value),
  l.grade && Math.round(l.grade.low),
  l.grade && Math.round(l.grade.high),
  l.band,
  `${Math.round(l.seen * 100)} %`,
  l.findings,
  l.traits.map((t) => TRAIT_WORDS[t]).join('; '),
  l.sha256,
  `${origin}/r/${l.token}`,
];

/** Fills the ZIP lot by lot, so that one picture at a time is in memory. */
async function fill(zip: ZipFile, lots: AsyncIterable<PublicLot>, origin: string): Promise<void> {
  const rows: ReturnType<typeof rowOf>[] = [];
  for await (const l of lots) {
    rows.push(rowOf(l, origin));
    const picture = l.picture ? await getPhoto(l.picture, '320') : null;
    if (picture) zip.addBuffer(picture, `pictures/${l.number}.webp`, { compress: false });
  }
  zip.addBuffer(Buffer.from(csvTable(HEADER, rows)), 'catalogue.csv');
  zip.addBuffer(Buffer.from(README), 'README.txt');
  zip.end();
}

/** What of a sale is published, to take along: a table and the first picture of each lot. */
export async function GET(request: Request, { params }: Context): Promise<Response> {
  const { token } = await params;
  const must = await strangerMust(request.headers, token);
  if (must) return must;
  const sale = await saleNamed(token);
  if (!sale || heldUntil(sale, new Date())) return notFound();
  const zip = new ZipFile();
  const stream = Readable.from(zip.outputStream);
  fill(zip, everyLot(sale), ownOrigins()[0]!).catch((error: unknown) => stream.destroy(error as Error));
  return new Response(Readable.toWeb(stream) as ReadableStream, {
    headers: {
      'content-type': 'application/zip',
      'content-disposition': 'attachment; filename="catalogue.zip"',
      'cache-control': 'no-store',
    },
  });
}
