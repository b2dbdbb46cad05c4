import { type ReportFile, type SealVerdict, sealContent, verifySeal } from '@/core/seal/seal';
import { PROOF_LINES } from './proof';
import { readSnapshot } from './read-snapshot';
import { REPORT_VERSION, type Snapshot } from './snapshot';

/** Seals a snapshot (docs/formats/report.md). */
export const sealSnapshot = async (snapshot: Snapshot, secretKey: string): Promise<ReportFile> => ({
  ...(await sealContent(snapshot, REPORT_VERSION, secretKey)),
  howToCheck: [...PROOF_LINES],
});

export type Verdict =
  | { ok: true; snapshot: Snapshot; unreadable: readonly string[]; sha256: string; publicKey: string }
  | Extract<SealVerdict, { ok: false }>;

/** Re-computes hash and signature of a report file and opens it. Anyone can do this with the file alone. */
export async function verifyReport(input: unknown): Promise<Verdict> {
  const seal = await verifySeal(input, REPORT_VERSION);
  if (!seal.ok) return seal;
  const opened = readSnapshot(seal.file.snapshot);
  return opened
    ? { ok: true, ...opened, sha256: seal.file.sha256, publicKey: seal.file.publicKey }
    : { ok: false, reason: 'not-a-report' };
}
