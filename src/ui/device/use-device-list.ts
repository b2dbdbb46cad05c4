import { liveQuery } from 'dexie';
import { useEffect, useState } from 'react';
import { device, dropOverdue, type LotRow, type RejectedRow, type WaitingRow } from './device-store';

export interface DeviceList {
  readonly waiting: readonly WaitingRow[];
  /** How many pictures wait, counted with the entries. */
  readonly photos: number;
  readonly rejected: readonly RejectedRow[];
  readonly lots: readonly LotRow[];
}

/** What this device holds, kept up to date while shown; null until read, `'closed'` where the browser keeps nothing. */
export function useDeviceList(): DeviceList | null | 'closed' {
  const [list, setList] = useState<DeviceList | null | 'closed'>(null);
  useEffect(() => {
    void dropOverdue(new Date()).catch(() => {});
    const subscription = liveQuery(async () => {
      const d = device();
      // In one step: a picture that leaves and its record that waits are never both unseen.
      const [waiting, photos, rejected, lots] = await d.transaction('r', d.waiting, d.photos, d.rejected, d.lots, () =>
        Promise.all([
          d.waiting.orderBy('[inspection+order]').toArray(),
          d.photos.count(),
          d.rejected.toArray(),
          d.lots.toArray(),
        ]),
      );
      return { waiting, photos, rejected, lots: lots.sort((a, b) => a.facts.lot.number - b.facts.lot.number) };
    }).subscribe({ next: setList, error: () => setList('closed') });
    return () => subscription.unsubscribe();
  }, []);
  return list;
}
