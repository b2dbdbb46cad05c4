import type { Metadata } from 'next';
import type { ReactNode } from 'react';
import { FramedLot } from '@/screens/lot-place';
import { inspectionPage } from '@/server/inspection-page';
import { DeviceKeeper } from '@/ui/device/device-keeper';
import { handOver } from '@/ui/records/handed';
import { HandedLot } from '@/ui/records/handed-lot';

export const dynamic = 'force-dynamic';

type Params = { params: Promise<{ lotId: string }> };

export async function generateMetadata({ params }: Params): Promise<Metadata> {
  const { facts } = await inspectionPage((await params).lotId);
  return { title: `Lot ${facts.lot.number}, ${facts.lot.title}` };
}

export default async function LotLayout({ params, children }: Params & { children: ReactNode }) {
  const { facts, records } = await inspectionPage((await params).lotId);
  return (
    <HandedLot text={handOver({ facts, records })}>
      <FramedLot>{children}</FramedLot>
      <DeviceKeeper me={facts.myId} role={facts.role} />
    </HandedLot>
  );
}
