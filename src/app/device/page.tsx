import type { Metadata } from 'next';
import { Device } from '@/screens/device/device';
import { pageActor } from '@/server/actor';
import { DeviceKeeper } from '@/ui/device/device-keeper';

export const metadata: Metadata = { title: 'On this device' };
export const dynamic = 'force-dynamic';

export default async function DevicePage() {
  const actor = await pageActor();
  return (
    <>
      <Device />
      <DeviceKeeper me={actor.userId} role={actor.role} />
    </>
  );
}
