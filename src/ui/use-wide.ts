import { useSyncExternalStore } from 'react';

const DESK = '(min-width: 1024px)';

let query: MediaQueryList | undefined;
/** Asked for once: each asking anew costs the page a style check. */
const desk = () => {
  query ??= window.matchMedia(DESK);
  return query;
};

/** Whether the page is as wide as a desk; the server draws the desk. */
export function useWide(): boolean {
  return useSyncExternalStore(
    (changed) => {
      desk().addEventListener('change', changed);
      return () => desk().removeEventListener('change', changed);
    },
    () => desk().matches,
    () => true,
  );
}
