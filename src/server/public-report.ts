import { cache } from 'react';
import { type ReportFile, reportFileSchema } from '@/core/report/seal';
import { type Snapshot, snapshotSchema } from '@/core/report/snapshot';
import { db } from '@/data/db';
import { type ExportJob, readyExport } from '@/data/export-jobs';
import { publicReport } from '@/data/seals';
import { tokenHash } from './sealing';

export interface OpenReport {
  readonly orgId: string;
  readonly file: ReportFile;
  readonly snapshot: Snapshot;
  readonly text: string;
  readonly revisions: readonly { revision: number; sealedAt: Date; sha256: string }[];
}

/** The sealed report behind a link's token, or null when there is none to show. */
export const openReport = cache(async (token: string): Promise<OpenReport | null> => {
  if (!/^[A-Za-z0-9_-]{20,64}$/.test(token)) return null;
  const found = await publicReport(db(), tokenHash(token), new Date());
  if (!found) return null;
  const file = reportFileSchema.parse(JSON.parse(found.report));
  const snapshot = snapshotSchema.parse(file.snapshot);
  return { orgId: found.orgId, file, snapshot, text: found.report, revisions: found.revisions };
});

/** The PDF made of the report as sealed, or null while there is none. */
export async function pdfOf(report: OpenReport): Promise<ExportJob | null> {
  const { bundle, sealedAt } = report.snapshot;
  return readyExport(db(), report.orgId, bundle.inspection.id, 'pdf', new Date(sealedAt));
}
