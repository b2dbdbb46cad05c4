import { device } from './device-store';

/** Takes off this device what the person signing out could read; what still waits to be sent stays. */
export async function clearSeen(): Promise<void> {
  await globalThis.caches?.delete('farvin-pictures');
  const d = device();
  await d.transaction('rw', d.lots, d.records, d.person, async () => {
    await d.lots.clear();
    await d.records.clear();
    await d.person.clear();
  });
}
