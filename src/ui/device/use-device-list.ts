import { liveQuery } from 'dexie';
import { useEffect, useState } from 'react';
import { type AsideRow, device, type LotRow, type WaitingRow } from './device-store';

export interface DeviceList {
  readonly waiting: readonly WaitingRow[];
  readonly aside: readonly AsideRow[];
  readonly lots: readonly LotRow[];
}

/** What this device holds, kept up to date while shown; null until read, `'closed'` where the browser keeps nothing. */
export function useDeviceList(): DeviceList | null | 'closed' {
  const [list, setList] = useState<DeviceList | null | 'closed'>(null);
  useEffect(() => {
    const subscription = liveQuery(async () => {
      const d = device();
      const [waiting, aside, lots] = await Promise.all([
        d.waiting.orderBy('[inspection+order]').toArray(),
        d.aside.toArray(),
        d.lots.toArray(),
      ]);
      return { waiting, aside, lots: lots.sort((a, b) => a.facts.lot.number - b.facts.lot.number) };
    }).subscribe({ next: setList, error: () => setList('closed') });
    return () => subscription.unsubscribe();
  }, []);
  return list;
}
