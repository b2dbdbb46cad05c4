import { reportFileSchema } from '@/core/seal/seal';
import type { Actor } from '@/data/actor';
import type { Db } from '@/data/db';
import { bundleOf, inspectionHead, recordsOfInspection } from '@/data/inspections';
import { orgTables } from '@/data/org-tables';
import { sealedReport } from '@/data/seals';
import { readSnapshot } from '@/report/read-snapshot';
import { type Snapshot, takeSnapshot } from '@/report/snapshot';
import { saleYear } from '../sealing';

/** What a report of the inspection says: exactly the sealed one where there is one, else the draft computed now. */
export async function snapshotFor(
  db: Db,
  actor: Actor,
  inspectionId: string,
  now: Date,
): Promise<{
  snapshot: Snapshot;
  unreadable: readonly string[];
  sealed: { sha256: string; text: string } | null;
} | null> {
  const head = await inspectionHead(db, actor, inspectionId);
  if (!head) return null;
  const seal = await sealedReport(db, actor, inspectionId);
  if (seal) {
    // A report that was erased is none any more.
    const file = reportFileSchema.safeParse(JSON.parse(seal.report)).data;
    const opened = file ? readSnapshot(file.snapshot) : null;
    return !file || !opened ? null : { ...opened, sealed: { sha256: file.sha256, text: seal.report } };
  }
  const [records, { tables }] = await Promise.all([recordsOfInspection(db, actor, inspectionId), orgTables(db, actor)]);
  const taken = takeSnapshot({
    bundle: bundleOf(head, records),
    sale: { name: head.sale.name, closesOn: head.sale.closesOn, timeZone: head.sale.timeZone },
    sealedAt: now.toISOString(),
    sealedBy: actor.name,
    onYear: saleYear(head.sale.closesOn, now, head.sale.timeZone),
    tables,
  });
  return taken.ok ? { snapshot: taken.snapshot, unreadable: [], sealed: null } : null;
}
