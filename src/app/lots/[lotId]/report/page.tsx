import { db } from '@/data/db';
import { revisionsOf } from '@/data/inspections';
import { linksOf, sealedReport } from '@/data/seals';
import { Report } from '@/screens/report/report';
import { inspectionPage } from '@/server/inspection-page';

export default async function ReportPage({ params }: { params: Promise<{ lotId: string }> }) {
  const { actor, head } = await inspectionPage((await params).lotId);
  const revisions = await revisionsOf(db(), actor, head.lot.id);
  const seals = await Promise.all(revisions.map((r) => sealedReport(db(), actor, r.id)));
  const links = await linksOf(db(), actor, head.lot.id);
  const now = new Date();
  return (
    <Report
      revisions={revisions.map((r, i) => ({
        id: r.id,
        revision: r.revision,
        state: r.state,
        sealedAt: seals[i]?.sealedAt.toISOString() ?? null,
        sha256: seals[i]?.sha256 ?? null,
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
