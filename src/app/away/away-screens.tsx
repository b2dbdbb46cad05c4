'use client';

import { CloudOff } from 'lucide-react';
import { useEffect, useState } from 'react';
import type { AnyRecord } from '@/core/kinds';
import { Device } from '@/screens/device/device';
import { FramedLot, LotPlace } from '@/screens/lot-place';
import { type PlacePath, placeAt } from '@/screens/place-path';
import { Share } from '@/screens/share/share';
import { DeviceKeeper } from '@/ui/device/device-keeper';
import { type LotRow, personHere } from '@/ui/device/device-store';
import { savedLot } from '@/ui/device/saved-lot';
import { usePreferences } from '@/ui/preferences';
import { PREFERENCES_COOKIE } from '@/ui/preferences-cookie';
import { readPreferences } from '@/ui/read-preferences';
import { InspectionProvider } from '@/ui/records/inspection';

interface Here {
  readonly at: PlacePath;
  readonly lot: { row: LotRow; records: AnyRecord[] } | null;
  readonly me: string;
  /** Whether pictures were handed over to this device just now. */
  readonly shares: boolean;
}

const WALK: PlacePath = { place: 'walk', chapter: null };

/** Where the address points, from this device's memory. */
async function readHere(path: string): Promise<Here> {
  const [, root, lotId, ...place] = path.split('/').map(decodeURIComponent);
  const me = await personHere();
  const lot = root === 'lots' && lotId && me ? await savedLot(lotId, me) : null;
  return { at: placeAt(place)?.at ?? WALK, lot, me: me ?? '', shares: root === 'share' };
}

/** The screens of a lot without a network; for any other address what this device holds. */
export function AwayScreens() {
  const [here, setHere] = useState<Here | null>(null);
  const { set } = usePreferences();
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, when the page opens
  useEffect(() => {
    const cookie = document.cookie.split('; ').find((c) => c.startsWith(`${PREFERENCES_COOKIE}=`));
    set(readPreferences(cookie?.slice(PREFERENCES_COOKIE.length + 1)));
    readHere(window.location.pathname)
      .then(setHere)
      .catch(() => setHere({ at: WALK, lot: null, me: '', shares: false }));
    // The network is back: the address itself is the better answer.
    const back = () => window.location.reload();
    window.addEventListener('online', back);
    return () => window.removeEventListener('online', back);
  }, []);
  if (!here)
    return (
      <p className="grid h-dvh place-content-center gap-2 text-center text-soft">
        <CloudOff className="mx-auto" aria-hidden="true" /> Opening from this device …
      </p>
    );
  if (here.shares && here.me)
    return (
      <>
        <Share me={here.me} mayAdd />
        <DeviceKeeper me={here.me} away />
      </>
    );
  if (!here.lot)
    return (
      <>
        <Device away />
        {here.me && <DeviceKeeper me={here.me} away />}
      </>
    );
  const { row, records } = here.lot;
  return (
    <InspectionProvider facts={row.facts} records={records} away>
      <FramedLot>
        <LotPlace {...here.at} />
      </FramedLot>
      <DeviceKeeper me={here.me} away />
    </InspectionProvider>
  );
}
