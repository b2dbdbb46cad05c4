'use client';

import { useRouter } from 'next/navigation';
import type { PublishedKeys } from '@/core/report/known-keys';
import { ReaderMenu } from '@/ui/parts/reader-menu';
import { PlainPage } from '@/ui/shell/plain-page';
import { Done, type DoneEvent } from './done';
import { Keys } from './keys';
import { People, type Person } from './people';
import { told } from './told';

/** What a manager looks after besides the lots. */
export function House({
  orgId,
  keys,
  people,
  publishesPlaces,
  events,
}: {
  orgId: string;
  keys: PublishedKeys;
  people: readonly Person[];
  publishesPlaces: boolean;
  events: readonly DoneEvent[];
}) {
  const router = useRouter();
  const setPlaces = async (yes: boolean) => {
    await told('/api/v1/house', 'PUT', { publishesPlaces: yes }, 'Kept. Reports sealed from now on follow it.');
    router.refresh();
  };
  return (
    <PlainPage title="House" about={keys.organisation.name} menu={<ReaderMenu compact />}>
      <Keys orgId={orgId} keys={keys} />
      <section aria-labelledby="strangers" className="grid gap-2">
        <h2 id="strangers" className="text-lg font-bold">
          What strangers read
        </h2>
        <label className="flex min-h-11 items-center gap-3">
          <input
            type="checkbox"
            className="size-5 accent-thread"
            checked={publishesPlaces}
            onChange={(e) => void setPlaces(e.target.checked)}
          />
          Reports say where the car is kept and in which street it was looked at
        </label>
        <p className="text-sm text-soft">
          Left out otherwise: a report is read by anybody who has its link, and an address invites visitors. What is
          sealed stays as it was sealed.
        </p>
      </section>
      <People people={people} />
      <Done events={events} />
    </PlainPage>
  );
}
