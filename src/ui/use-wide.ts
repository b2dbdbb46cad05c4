import { useSyncExternalStore } from 'react';

const DESK = '(min-width: 1024px)';

/** Whether the page is as wide as a desk; the server draws the desk. */
export function useWide(): boolean {
  return useSyncExternalStore(
    (changed) => {
      const query = window.matchMedia(DESK);
      query.addEventListener('change', changed);
      return () => query.removeEventListener('change', changed);
    },
    () => window.matchMedia(DESK).matches,
    () => true,
  );
}
