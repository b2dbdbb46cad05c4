import { redirect } from 'next/navigation';

export default async function LotPage({ params }: { params: Promise<{ lotId: string }> }) {
  redirect(`/lots/${(await params).lotId}/walk`);
}
