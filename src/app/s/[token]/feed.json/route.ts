import { notFound } from '@/server/api';
import { ownOrigins } from '@/server/own-origins';
import { strangerMust } from '@/server/public-report';
import { everyLot, heldUntil, saleNamed } from '@/server/sale-page';
import { LEAVES_OUT, TRAIT_WORDS } from '@/words/traits';

type Context = { params: Promise<{ token: string }> };
const MOST = 500;

/** What of a sale is published, as JSON Feed 1.1: an item for each lot's newest sealed report. */
export async function GET(request: Request, { params }: Context): Promise<Response> {
  const { token } = await params;
  const must = await strangerMust(request.headers, token);
  if (must) return must;
  const sale = await saleNamed(token);
  if (!sale || heldUntil(sale, new Date())) return notFound();
  const origin = ownOrigins()[0] ?? new URL(request.url).origin;
  const items = [];
  for await (const l of everyLot(sale)) {
    const url = `${origin}/r/${l.token}`;
    const told = LEAVES_OUT.filter((t) => l.traits.includes(t)).map((t) => TRAIT_WORDS[t]);
    items.push({
      id: l.sha256,
      url,
      title: `Lot ${l.number}, ${l.title}`,
      content_text: [`${l.band}, revision ${l.revision}`, ...told].join('. '),
      date_published: l.sealedAt,
      ...(l.picture && { image: `${url}/photos/${l.picture}/960` }),
    });
  }
  // Newest first; a reader of feeds keeps what it has read.
  items.sort((a, b) => (a.date_published < b.date_published ? 1 : -1));
  const feed = {
    version: 'https://jsonfeed.org/version/1.1',
    title: sale.name,
    home_page_url: `${origin}/s/${token}`,
    feed_url: `${origin}/s/${token}/feed.json`,
    items: items.slice(0, MOST),
  };
  return Response.json(feed, { headers: { 'content-type': 'application/feed+json', 'cache-control': 'no-store' } });
}
