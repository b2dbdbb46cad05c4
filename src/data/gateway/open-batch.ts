import { and, count, eq, inArray, sql } from 'drizzle-orm';
import type { AnyPgColumn } from 'drizzle-orm/pg-core';
import { kindOf, RECORD_KINDS, type RecordKind } from '@/core/kinds';
import type { Actor } from '../actor';
import type { Tx } from '../db';
import { changeLog, type inspection, photoFile, record } from '../tables/farvin';
import { type Batch, MOST_RECORDS } from './batch';
import { fileNamed, textOf, uuids } from './sent';

const SINGLE_KINDS = RECORD_KINDS.filter((k) => kindOf(k).single);

/** Whether a column is one of many ids, as one parameter however many there are. */
const among = (column: AnyPgColumn, ids: readonly string[]) =>
  sql`${column} = any(array(select value::uuid from jsonb_array_elements_text(${JSON.stringify(ids)}::jsonb)))`;

/** What a batch needs to know of its inspection, asked together. */
export async function openBatch(
  tx: Tx,
  actor: Actor,
  { id: inspectionId, logHead, changeCount }: typeof inspection.$inferSelect,
  changes: readonly unknown[],
  at: Date,
  { imported, clockAheadS }: { imported: boolean; clockAheadS: number | null },
): Promise<Batch> {
  const recordIds = uuids(changes, 'record');
  const changeIds = uuids(changes, 'id');
  const shas = changes
    .map((c) => fileNamed(textOf(c, 'kind'), (c as { body?: unknown } | null)?.body))
    .filter((s): s is string => s !== null && s.length === 64);
  const nothing = Promise.resolve([] as never[]);
  // Asked together: within a transaction they go out in one go and are answered in turn.
  const [present, before, pictures, singles, [held]] = await Promise.all([
    recordIds.length === 0
      ? nothing
      : tx
          .select({
            id: record.id,
            kind: record.kind,
            version: record.version,
            schema: record.schema,
            body: record.body,
          })
          .from(record)
          .where(and(eq(record.inspectionId, inspectionId), among(record.id, recordIds))),
    changeIds.length === 0
      ? nothing
      : tx
          .select({ changeId: changeLog.changeId, contentHash: changeLog.contentHash, version: changeLog.version })
          .from(changeLog)
          .where(and(eq(changeLog.inspectionId, inspectionId), among(changeLog.changeId, changeIds))),
    shas.length === 0
      ? nothing
      : tx
          .select({
            sha: photoFile.sha256,
            type: photoFile.type,
            bytes: photoFile.bytes,
            widthPx: photoFile.widthPx,
            heightPx: photoFile.heightPx,
            takenAt: photoFile.takenAt,
          })
          .from(photoFile)
          .where(and(eq(photoFile.orgId, actor.orgId), inArray(photoFile.sha256, shas))),
    tx
      .select({ kind: record.kind, body: record.body })
      .from(record)
      .where(and(eq(record.inspectionId, inspectionId), inArray(record.kind, SINGLE_KINDS))),
    // There are never more records than changes were taken: most inspections need not be counted.
    changeCount + changes.length <= MOST_RECORDS
      ? nothing
      : tx.select({ n: count() }).from(record).where(eq(record.inspectionId, inspectionId)),
  ]);
  return {
    actor,
    inspectionId,
    at,
    records: new Map(present.map(({ id, ...held }) => [id, held])),
    stored: new Map(present.map((r) => [r.id, r.version])),
    known: new Map(before.map((b) => [b.changeId, b])),
    photos: new Map(pictures.map(({ sha, ...file }) => [sha, file])),
    log: [],
    touched: new Set(),
    imported,
    clockAheadS,
    room: held ? Math.max(0, MOST_RECORDS - held.n) : MOST_RECORDS,
    head: logHead,
    style: textOf(singles.find((s) => s.kind === 'car')?.body, 'style') || null,
    singles: new Set(singles.map((s) => s.kind as RecordKind)),
  };
}
