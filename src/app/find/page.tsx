import type { Metadata } from 'next';
import { text } from '@/core/kinds/common';
import type { Found } from '@/core/yard/found';
import { db } from '@/data/db';
import { search } from '@/data/search';
import { Find } from '@/screens/find/find';
import { pageActor } from '@/server/actor';
import { DeviceKeeper } from '@/ui/device/device-keeper';

export const metadata: Metadata = { title: 'Find' };
export const dynamic = 'force-dynamic';

const NOTHING: Found = { lots: [], texts: [], more: false };
const askedSchema = text(100).catch('');

/** Everything that one may see and that holds the words asked for. */
export default async function FindPage({ searchParams }: { searchParams: Promise<Record<string, unknown>> }) {
  const actor = await pageActor();
  const asked = askedSchema.parse((await searchParams).q ?? '');
  const found = asked.length >= 2 ? await search(db(), actor, asked) : NOTHING;
  return (
    <>
      <Find asked={asked} found={found} />
      <DeviceKeeper me={actor.userId} role={actor.role} />
    </>
  );
}
