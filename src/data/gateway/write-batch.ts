import { and, eq, inArray, sql } from 'drizzle-orm';
import type { Tx } from '../db';
import { LIVE_CHANNEL } from '../live-channel';
import { inspection, record } from '../tables/farvin';
import { type Batch, UnfitChange } from './batch';

/** Writes what a batch changed, its log lines and the notification, together. */
export async function writeBatch(tx: Tx, batch: Batch): Promise<void> {
  if (batch.log.length === 0) return;
  const { inspectionId, actor, at } = batch;
  const gone = [...batch.touched].filter((id) => !batch.records.has(id));
  const lines = batch.log.map(({ row: r, stored }) => ({
    stored,
    schema: r.schema,
    change_id: r.changeId,
    content_hash: r.contentHash,
    op: r.op,
    kind: r.kind,
    record_id: r.recordId,
    version: r.version,
    before: r.before,
    after: r.after,
    previous_hash: r.previousHash,
    hash: r.hash,
  }));
  const [, written] = await Promise.all([
    gone.length > 0 && tx.delete(record).where(and(eq(record.inspectionId, inspectionId), inArray(record.id, gone))),
    // Records and log in one statement from one list of lines: of each record the last line of the batch counts.
    tx.execute(sql`
      with x as materialized (
        select * from rows from (jsonb_to_recordset(${JSON.stringify(lines)}::jsonb) as (change_id uuid,
          content_hash text, op text, kind text, record_id uuid, version int, schema int, stored int, before jsonb,
          after jsonb, previous_hash text, hash text)) with ordinality
      ), last as (
        select distinct on (record_id) record_id, kind, version, schema, stored, after from x
        order by record_id, ordinality desc
      ), written as (
        insert into record (inspection_id, org_id, id, kind, version, schema, body)
        select ${inspectionId}::uuid, ${actor.orgId}::uuid, record_id, kind, version, schema, after from last
        where after is not null
        on conflict (inspection_id, id) do update
        set version = excluded.version, schema = excluded.schema, body = excluded.body
        -- What was checked in memory is what is overwritten: the same kind at the very version.
        where record.kind = excluded.kind
          and record.version = (select l.stored from last l where l.record_id = excluded.id)
        returning 1
      )
      insert into change_log (inspection_id, org_id, actor_id, actor_name, form, clock_ahead_s, at, change_id, content_hash,
        op, kind, record_id, version, schema, before, after, previous_hash, hash)
      select ${inspectionId}::uuid, ${actor.orgId}::uuid, ${actor.userId}, ${actor.name}, 2, ${batch.clockAheadS}::int,
        ${at.toISOString()}::timestamptz, change_id, content_hash, op, kind, record_id, version, schema, before, after, previous_hash, hash
      from x
      where (select count(*) from written) = (select count(*) from last where after is not null)
      order by ordinality
      returning 1`),
    tx.execute(sql`select pg_notify(${LIVE_CHANNEL}, ${inspectionId})`),
    tx
      .update(inspection)
      .set({ logHead: batch.head, changeCount: sql`${inspection.changeCount} + ${batch.log.length}` })
      .where(eq(inspection.id, inspectionId)),
  ]);
  if (written.length !== lines.length) throw new UnfitChange('a record is not at the version it was checked at');
}
