import { cache } from 'react';
import { type ReportFile, reportFileSchema } from '@/core/report/seal';
import { type Snapshot, snapshotSchema } from '@/core/report/snapshot';
import { db } from '@/data/db';
import { publicReport } from '@/data/seals';
import { tokenHash } from './sealing';

export interface OpenReport {
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
  return { file, snapshot: snapshotSchema.parse(file.snapshot), text: found.report, revisions: found.revisions };
});
