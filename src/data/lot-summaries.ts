import { and, asc, eq, inArray, ne, sql } from 'drizzle-orm';
import type { AnyRecord } from '@/core/kinds';
import { withDefaults } from '@/core/kinds/with-defaults';
import type { LotSummary } from '@/core/yard/yard-lot';
import type { Actor } from './actor';
import { type Db, inOrg } from './db';
import { inspection } from './tables/lots';
import { record } from './tables/records';

/** Records of several inspections at once, by inspection; none for one that has none. */
export async function recordsOfMany(
  db: Db,
  actor: Actor,
  inspectionIds: readonly string[],
): Promise<ReadonlyMap<string, readonly AnyRecord[]>> {
  const records = new Map<string, AnyRecord[]>(inspectionIds.map((id) => [id, []]));
  if (inspectionIds.length === 0) return records;
  const rows = await inOrg(db, actor, (tx) =>
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
  for (const { inspectionId, ...r } of rows) records.get(inspectionId)!.push(withDefaults(r as AnyRecord));
  return records;
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

/**
 * Has what another computation made of lots computed anew when the Yard is next looked at; by the tables' owner, as a program starts
 * to serve. What was sealed stays as it was.
 */
export async function outdateSummaries(owner: Db, computedBy: number): Promise<void> {
  await owner
    .update(inspection)
    .set({ summaryCount: -1 })
    .where(
      and(
        ne(inspection.state, 'sealed'),
        ne(inspection.summaryCount, -1),
        sql`(${inspection.summary}->>'by')::int is distinct from ${computedBy}`,
      ),
    );
}
