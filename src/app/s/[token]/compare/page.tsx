import type { Metadata } from 'next';
import { headers } from 'next/headers';
import type { PublicLot } from '@/core/yard/traits';
import { Compare } from '@/screens/sale-page/compare';
import { NoPage } from '@/screens/sale-page/no-page';
import { openReport, strangerMust } from '@/server/public-report';
import { everyLot, heldUntil, saleNamed } from '@/server/sale-page';

export const metadata: Metadata = { title: 'Two cars side by side', robots: { index: false, follow: false } };
export const dynamic = 'force-dynamic';

const MOST = 500;
const numberOf = (value: unknown) => (typeof value === 'string' && /^\d{1,9}$/.test(value) ? Number(value) : null);

/** Two published lots of a sale side by side, as their sealed reports tell them. */
export default async function ComparePage({
  params,
  searchParams,
}: {
  params: Promise<{ token: string }>;
  searchParams: Promise<Record<string, unknown>>;
}) {
  const { token } = await params;
  if (await strangerMust(await headers(), token))
    return <NoPage title="Too many requests">From your network this was asked for very often. Wait a minute.</NoPage>;
  const sale = await saleNamed(token);
  if (!sale || heldUntil(sale, new Date()))
    return <NoPage title="No sale here">The address is wrong, or the house shows nothing of this sale now.</NoPage>;
  const lots: PublicLot[] = [];
  for await (const lot of everyLot(sale)) {
    lots.push(lot);
    if (lots.length === MOST) break;
  }
  const query = await searchParams;
  const [a, b] = [numberOf(query.a), numberOf(query.b)];
  const pick = (n: number | null, otherwise: number) => lots.find((l) => l.number === n) ?? lots[otherwise];
  const chosen = [pick(a, 0), pick(b, 1)] as const;
  const reports = await Promise.all(chosen.map((l) => (l ? openReport(l.token) : null)));
  return (
    <Compare
      sale={sale}
      base={`/s/${token}`}
      lots={lots.map(({ number, title }) => ({ number, title }))}
      cars={chosen.flatMap((lot, i) => (lot && reports[i] ? [{ lot, snapshot: reports[i]!.snapshot }] : []))}
    />
  );
}
