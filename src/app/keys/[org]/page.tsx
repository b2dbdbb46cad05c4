import type { Metadata } from 'next';
import { headers } from 'next/headers';
import { notFound } from 'next/navigation';
import { HouseKeys } from '@/screens/public-report/house-keys';
import { strangerMust } from '@/server/public-report';
import { keysOf } from '@/server/published-keys';

export const metadata: Metadata = { title: 'Keys', robots: { index: false, follow: false } };
export const dynamic = 'force-dynamic';

/** The keys with which a house seals its reports, published beside them. */
export default async function KeysPage({ params }: { params: Promise<{ org: string }> }) {
  const { org } = await params;
  if (await strangerMust(await headers(), '')) notFound();
  const keys = await keysOf(org);
  if (!keys) notFound();
  return <HouseKeys keys={keys} address={`/keys/${org}/keys.json`} />;
}
