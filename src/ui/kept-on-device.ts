import { useSyncExternalStore } from 'react';

const listeners = new Set<() => void>();
const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/** A text that this device keeps under a name, the same in all places that show it, and how to keep another or none. */
export function useKeptOnDevice(key: string): readonly [string | null, (text: string | null) => void] {
  const kept = useSyncExternalStore(
    subscribe,
    () => localStorage.getItem(key),
    () => null,
  );
  const keep = (text: string | null) => {
    if (text === null) localStorage.removeItem(key);
    else localStorage.setItem(key, text);
    for (const listener of listeners) listener();
  };
  return [kept, keep];
}
