'use client';

import { type ReactNode, useSyncExternalStore } from 'react';

const never = () => () => {};

/**
 * Fields and buttons that take nothing until the page's script is there: what is typed or pressed before would be lost with
 * the first answer of the browser itself.
 */
export function Waking({ children }: { children: ReactNode }) {
  const awake = useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
  return (
    <fieldset disabled={!awake} role="presentation" className="waking contents">
      {children}
    </fieldset>
  );
}
