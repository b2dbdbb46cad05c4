import { cache } from 'react';
import { type RecordChange, recordChanges } from '@/core/report/changes';
import { type OpenedSnapshot, readSnapshot, sealedRecords } from '@/core/report/read-snapshot';
import { type ReportFile, reportFileSchema } from '@/core/report/seal';
import { db } from '@/data/db';
import { type ExportJob, readyExport } from '@/data/export-jobs';
import { publicReport } from '@/data/seals';
import { tokenHash } from './sealing';

export interface OpenReport extends OpenedSnapshot {
  readonly orgId: string;
  readonly file: ReportFile;
  readonly text: string;
  readonly revisions: readonly { revision: number; sealedAt: Date; sha256: string }[];
  /** What this revision changed of the one before it; null for a first one. */
  readonly changes: readonly RecordChange[] | null;
}

function opened(text: string): { file: ReportFile; snapshot: OpenedSnapshot } | null {
  const file = reportFileSchema.safeParse(JSON.parse(text));
  const snapshot = file.success ? readSnapshot(file.data.snapshot) : null;
  return file.success && snapshot ? { file: file.data, snapshot } : null;
}

/** The sealed report behind a link's token, the newest or the revision asked for, or null when there is none to show. */
export const openReport = cache(async (token: string, revision: number | null = null): Promise<OpenReport | null> => {
  if (!/^[A-Za-z0-9_-]{20,64}$/.test(token)) return null;
  const found = await publicReport(db(), tokenHash(token), new Date(), revision);
  const report = found ? opened(found.report) : null;
  if (!found || !report) return null;
  const before = found.before === null ? null : opened(found.before);
  return {
    orgId: found.orgId,
    file: report.file,
    ...report.snapshot,
    text: found.report,
    revisions: found.revisions,
    changes:
      before &&
      recordChanges(
        sealedRecords(before.snapshot.snapshot.bundle).records,
        sealedRecords(report.snapshot.snapshot.bundle).records,
      ),
  };
});

/** The revision that an address names, or null. */
export function revisionAsked(value: unknown): number | null {
  return typeof value === 'string' && /^[1-9]\d{0,5}$/.test(value) ? Number(value) : null;
}

/** The PDF made of the report as sealed, or null while there is none. */
export async function pdfOf(report: OpenReport): Promise<ExportJob | null> {
  const { bundle, sealedAt } = report.snapshot;
  return readyExport(db(), report.orgId, bundle.inspection.id, 'pdf', new Date(sealedAt));
}
