import type { Metadata } from 'next';
import { mayEnter } from '@/data/actor';
import { Share } from '@/screens/share/share';
import { pageActor } from '@/server/actor';
import { DeviceKeeper } from '@/ui/device/device-keeper';

export const metadata: Metadata = { title: 'Pictures handed over' };
export const dynamic = 'force-dynamic';

/** Where pictures arrive that another program of the phone hands over; the service worker takes them in. */
export default async function SharePage() {
  const actor = await pageActor();
  return (
    <>
      <Share me={actor.userId} mayAdd={mayEnter(actor)} />
      <DeviceKeeper me={actor.userId} role={actor.role} />
    </>
  );
}
