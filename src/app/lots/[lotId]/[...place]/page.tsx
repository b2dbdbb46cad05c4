import { notFound, permanentRedirect } from 'next/navigation';
import { LotPlace } from '@/screens/lot-place';
import { addressOf, placeAt } from '@/screens/place-path';
import { PLACES } from '@/screens/places';
import { inspectionPage } from '@/server/inspection-page';
import { placeLoads } from '@/server/place-loads';

/** Every place of a lot, and every chapter of its evidence. */
export default async function PlacePage({ params }: { params: Promise<{ lotId: string; place: string[] }> }) {
  const { lotId, place: path } = await params;
  const found = placeAt(path);
  if (!found) notFound();
  if (found.moved) {
    // Whoever may not see the lot learns nothing of it.
    await inspectionPage(lotId);
    permanentRedirect(addressOf(lotId, found.at));
  }
  const { loads } = PLACES.find((p) => p.slug === found.at.place)!;
  const loaded = loads ? await placeLoads(loads, await inspectionPage(lotId)) : undefined;
  return <LotPlace {...found.at} loaded={loaded} />;
}
