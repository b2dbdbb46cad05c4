'use client';

import { useEffect } from 'react';
import { type Role, roleMay } from '@/core/people/roles';
import { Alarms } from '../shell/alarms';
import { Messages } from '../shell/messages';

/** Asks the browser to open these pages without a network from now on. */
async function installWorker(): Promise<void> {
  if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
  const registration = await navigator.serviceWorker.register('/serwist/sw.js', { scope: '/', type: 'module' });
  // The shell carries the reader's words and theme: fetched anew with each visit.
  registration.active?.postMessage('keep-shell');
  // Without being asked, a browser may throw away what a seldom used page keeps.
  await navigator.storage?.persist?.();
}

/** What every page of a signed-in person has: the sender of what waits, the service worker, short messages, alarms. */
export function DeviceKeeper({ me, role, away = false }: { me: string; role?: Role; away?: boolean }) {
  // What waits is sent by a part of the program that comes after the page itself.
  useEffect(() => {
    let left = false;
    let stop = () => {};
    import('./background-sender')
      .then((m) => {
        if (!left) stop = m.startBackgroundSender(me);
      })
      .catch(() => {});
    return () => {
      left = true;
      stop();
    };
  }, [me]);
  useEffect(() => {
    if (!away) void installWorker().catch(() => {});
  }, [away]);
  return (
    <>
      <Messages />
      {role && roleMay(role, 'manage') && !away && <Alarms />}
    </>
  );
}
