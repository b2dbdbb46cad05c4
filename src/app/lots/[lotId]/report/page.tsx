import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { revisionsOf } from '@/data/inspections';
import { lendingsOf } from '@/data/people';
import { linksOf, sealsOfLot } from '@/data/seals';
import { Report } from '@/screens/report/report';
import { snapshotFor } from '@/server/export/snapshot-for';
import { inspectionPage } from '@/server/inspection-page';

export default async function ReportPage({ params }: { params: Promise<{ lotId: string }> }) {
  const { actor, head } = await inspectionPage((await params).lotId);
  const now = new Date();
  const [revisions, seals, links, sealed, lendings] = await Promise.all([
    revisionsOf(db(), actor, head.lot.id),
    sealsOfLot(db(), actor, head.lot.id),
    linksOf(db(), actor, head.lot.id),
    // A sealed report shows what was sealed, not what today's tables make of the records.
    head.state === 'sealed' ? snapshotFor(db(), actor, head.id, now) : null,
    mayManage(actor) ? lendingsOf(db(), actor, head.lot.id) : null,
  ]);
  return (
    <Report
      lendings={lendings}
      sealed={sealed && { snapshot: sealed.snapshot, unreadable: sealed.unreadable }}
      revisions={revisions.map((r) => ({
        id: r.id,
        revision: r.revision,
        state: r.state,
        reason: r.reason,
        sealedAt: seals.get(r.id)?.sealedAt.toISOString() ?? null,
        sha256: seals.get(r.id)?.sha256 ?? null,
      }))}
      links={links.map((l) => ({
        id: l.id,
        label: l.label,
        createdAt: l.createdAt.toISOString(),
        expiresAt: l.expiresAt?.toISOString() ?? null,
        standing: l.withdrawnAt ? 'withdrawn' : l.expiresAt && l.expiresAt <= now ? 'expired' : 'open',
      }))}
    />
  );
}
