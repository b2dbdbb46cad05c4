'use client';

import { useRouter } from 'next/navigation';
import type { PublishedKeys } from '@/core/seal/known-keys';
import { Link } from '@/ui/parts/link';
import { ReaderMenu } from '@/ui/parts/reader-menu';
import { PlainPage } from '@/ui/shell/plain-page';
import { told } from '@/ui/told';
import { Done, type DoneEvent } from './done';
import { type DeletionShown, Erasing } from './erasing';
import { HouseSpeaks, type Speech } from './house-speaks';
import { Keeping, type RunShown, type UsedShown } from './keeping';
import { Keys } from './keys';
import { Programs, type TokenShown } from './programs';

const BESIDE = [
  ['/people', 'People'],
  ['/numbers', 'Numbers'],
  ['/tolerances', 'Tolerances'],
  ['/account', 'Sign-ins'],
] as const;

/** What a manager looks after besides the lots. */
export function House({
  orgId,
  keys,
  settings,
  events,
  runs,
  used,
  tokens,
  deletions,
  today,
}: {
  orgId: string;
  keys: PublishedKeys;
  settings: Speech & { publishesPlaces: boolean; fourEyes: boolean; keepAddressesDays: number | null };
  events: readonly DoneEvent[];
  runs: readonly RunShown[];
  used: UsedShown;
  tokens: readonly TokenShown[];
  deletions: readonly DeletionShown[];
  today: string;
}) {
  const router = useRouter();
  const setPlaces = async (yes: boolean) => {
    await told('/api/v1/house', 'PUT', { publishesPlaces: yes }, 'Kept. Reports sealed from now on follow it.');
    router.refresh();
  };
  const setFourEyes = async (yes: boolean) => {
    await told('/api/v1/house', 'PUT', { fourEyes: yes }, 'Kept. Reports sealed from now on follow it.');
    router.refresh();
  };
  return (
    <PlainPage title="House" about={keys.organisation.name} menu={<ReaderMenu compact />}>
      <nav aria-label="Of the house" className="flex flex-wrap gap-2">
        {BESIDE.map(([href, name]) => (
          <Link key={href} className="btn" href={href}>
            {name}
          </Link>
        ))}
      </nav>
      <HouseSpeaks settings={settings} />
      <Erasing deletions={deletions} />
      <Keeping runs={runs} used={used} now={today} />
      <Programs tokens={tokens} today={today} />
      <Keys orgId={orgId} keys={keys} />
      <section aria-labelledby="strangers" className="grid gap-2">
        <h2 id="strangers" className="text-lg font-bold">
          What strangers read
        </h2>
        <label className="flex min-h-11 items-center gap-3">
          <input
            type="checkbox"
            className="size-5 accent-thread"
            checked={settings.publishesPlaces}
            onChange={(e) => void setPlaces(e.target.checked)}
          />
          Reports say where the car is kept and in which street it was looked at
        </label>
        <p className="text-sm text-soft">
          Left out otherwise: a report is read by anybody who has its link, and an address invites visitors. What is
          sealed stays as it was sealed.
        </p>
      </section>
      <section aria-labelledby="four-eyes" className="grid gap-2">
        <h2 id="four-eyes" className="text-lg font-bold">
          Who seals
        </h2>
        <label className="flex min-h-11 items-center gap-3">
          <input
            type="checkbox"
            className="size-5 accent-thread"
            checked={settings.fourEyes}
            onChange={(e) => void setFourEyes(e.target.checked)}
          />
          A report is sealed only after somebody else marked it as reviewed
        </label>
        <p className="text-sm text-soft">What is entered after the review asks for another one.</p>
      </section>
      <KeepAddresses days={settings.keepAddressesDays} />
      <Done events={events} />
    </PlainPage>
  );
}

const TERMS = [30, 90, 400, 1000] as const;

/** How long addresses and devices of sign-ins are kept, and the addresses from which links were opened. */
function KeepAddresses({ days }: { days: number | null }) {
  const router = useRouter();
  const keep = async (value: string) => {
    const keepAddressesDays = value === '' ? null : Number(value);
    await told('/api/v1/house', 'PUT', { keepAddressesDays }, 'Kept. What is older goes within the hour.');
    router.refresh();
  };
  const known = days === null || (TERMS as readonly number[]).includes(days);
  return (
    <section aria-labelledby="addresses" className="grid gap-2">
      <h2 id="addresses" className="text-lg font-bold">
        Addresses
      </h2>
      <label className="flex min-h-11 flex-wrap items-center gap-3">
        Addresses and devices of sign-ins, and addresses that opened a link, are kept for
        <select className="field w-auto" value={days ?? ''} onChange={(e) => void keep(e.target.value)}>
          {TERMS.map((t) => (
            <option key={t} value={t}>
              {t} days
            </option>
          ))}
          {!known && <option value={days ?? ''}>{days} days</option>}
          <option value="">as long as the rest</option>
        </select>
      </label>
    </section>
  );
}
