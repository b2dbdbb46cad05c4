import type { Metadata } from 'next';
import { headers } from 'next/headers';
import { NoPage } from '@/screens/sale-page/no-page';
import { SalePage } from '@/screens/sale-page/sale-page';
import { strangerMust } from '@/server/public-report';
import { heldUntil, lotsAsked, publicAsked, saleNamed } from '@/server/sale-page';
import { momentText } from '@/words/dates';

export const dynamic = 'force-dynamic';

type Params = { params: Promise<{ token: string }>; searchParams: Promise<Record<string, unknown>> };

export async function generateMetadata({ params }: Params): Promise<Metadata> {
  const { token } = await params;
  const sale = await saleNamed(token);
  return {
    title: sale?.name ?? 'No sale here',
    robots: { index: false, follow: false },
    ...(sale && { alternates: { types: { 'application/feed+json': `/s/${token}/feed.json` } } }),
  };
}

/** A sale's lots whose reports are published, for whoever thinks of bidding. */
export default async function SalePagePage({ params, searchParams }: Params) {
  const { token } = await params;
  if (await strangerMust(await headers(), token))
    return <NoPage title="Too many requests">From your network this was asked for very often. Wait a minute.</NoPage>;
  const sale = await saleNamed(token);
  if (!sale) return <NoPage title="No sale here">The address is wrong, or the house has shut this page.</NoPage>;
  const held = heldUntil(sale, new Date());
  if (held)
    return (
      <NoPage title="Not open yet">
        {sale.name} shows its reports from <strong>{momentText(held.toISOString(), sale.timeZone)}</strong> on. Keep the
        address: it opens then.
      </NoPage>
    );
  const asked = publicAsked(await searchParams);
  const { lots, count, counted, next } = await lotsAsked(sale, asked);
  return (
    <SalePage sale={sale} base={`/s/${token}`} asked={asked} lots={lots} count={count} counted={counted} next={next} />
  );
}
