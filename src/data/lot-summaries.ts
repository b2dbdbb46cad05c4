import { and, asc, eq, inArray } from 'drizzle-orm';
import type { LotSummary } from '@/core/yard/yard-lot';
import type { Actor } from './actor';
import { type Db, inOrg } from './db';
import { inspection, record } from './tables/farvin';

/** Records of several inspections at once, for computing summaries. */
export async function recordsOfMany(db: Db, actor: Actor, inspectionIds: readonly string[]) {
  if (inspectionIds.length === 0) return [];
  return inOrg(db, actor, (tx) =>
    tx
      .select({
        inspectionId: record.inspectionId,
        id: record.id,
        kind: record.kind,
        version: record.version,
        body: record.body,
      })
      .from(record)
      .where(and(inArray(record.inspectionId, [...inspectionIds]), eq(record.orgId, actor.orgId)))
      .orderBy(asc(record.id)),
  );
}

/** Keeps a computed summary beside the change count it was computed at; a later change makes it stale. */
export async function keepSummary(
  db: Db,
  actor: Actor,
  inspectionId: string,
  atCount: number,
  summary: LotSummary,
): Promise<void> {
  await inOrg(db, actor, (tx) =>
    tx
      .update(inspection)
      .set({ summary, summaryCount: atCount })
      .where(and(eq(inspection.id, inspectionId), eq(inspection.orgId, actor.orgId))),
  );
}
