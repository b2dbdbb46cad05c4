import { useEffect, useState } from 'react';

export interface StorageQuota {
  /** Bytes this device still gives to this application. */
  readonly freeBytes: number;
  readonly usedShare: number;
}

/** Below this much free storage the person is warned; about 40 pictures of a phone. */
export const SHORT_BYTES = 200 * 1024 * 1024;
export const quotaIsShort = (quota: StorageQuota | null): quota is StorageQuota =>
  quota !== null && quota.freeBytes < SHORT_BYTES;

const ASK_EVERY_MS = 30_000;

/** How much room the device has for what waits; null where the browser does not tell. Asks again as pictures come in. */
export function useStorageQuota(again: unknown): StorageQuota | null {
  const [quota, setQuota] = useState<StorageQuota | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: asks again whenever `again` changes
  useEffect(() => {
    let gone = false;
    const ask = async () => {
      const told = await navigator.storage?.estimate?.().catch(() => null);
      if (gone || !told?.quota) return;
      const used = told.usage ?? 0;
      setQuota({ freeBytes: told.quota - used, usedShare: used / told.quota });
    };
    void ask();
    const timer = setInterval(() => void ask(), ASK_EVERY_MS);
    return () => {
      gone = true;
      clearInterval(timer);
    };
  }, [again]);
  return quota;
}
