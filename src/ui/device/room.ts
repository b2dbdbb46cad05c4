import { useEffect, useState } from 'react';

export interface Room {
  /** Bytes this device still gives to this application. */
  readonly freeBytes: number;
  readonly usedShare: number;
}

/** Below this much free room the person is warned; about 40 pictures of a phone. */
export const TIGHT_BYTES = 200 * 1024 * 1024;
export const isTight = (room: Room | null): room is Room => room !== null && room.freeBytes < TIGHT_BYTES;

const ASK_EVERY_MS = 30_000;

/** How much room the device has for what waits; null where the browser does not tell. Asks again as pictures come in. */
export function useRoom(again: unknown): Room | null {
  const [room, setRoom] = useState<Room | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: asks again whenever `again` changes
  useEffect(() => {
    let gone = false;
    const ask = async () => {
      const told = await navigator.storage?.estimate?.().catch(() => null);
      if (gone || !told?.quota) return;
      const used = told.usage ?? 0;
      setRoom({ freeBytes: told.quota - used, usedShare: used / told.quota });
    };
    void ask();
    const timer = setInterval(() => void ask(), ASK_EVERY_MS);
    return () => {
      gone = true;
      clearInterval(timer);
    };
  }, [again]);
  return room;
}
