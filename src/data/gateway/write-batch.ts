import { sql } from 'drizzle-orm';
import type { Tx } from '../db';
import { LIVE_CHANNEL } from '../live-channel';
import { arrayOf } from './array-of';
import { type Batch, UnfitChange } from './batch';

/** Writes what a batch changed, its log lines and the notification, together (migration 0032). */
export async function writeBatch(tx: Tx, batch: Batch): Promise<void> {
  if (batch.log.length === 0) return;
  const { inspectionId, actor, at } = batch;
  const gone = [...batch.touched].filter((id) => !batch.records.has(id));
  const lines = batch.log.map(({ line: r, previousHash, hash, stored }) => ({
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
    previous_hash: previousHash,
    hash,
  }));
  const [done] = await tx.execute<{ wrote: number }>(sql`
    select farvin_write_changes(${inspectionId}::uuid, ${actor.orgId}::uuid, ${actor.userId}, ${actor.name},
      ${batch.clockAheadS}::int, ${at.toISOString()}::timestamptz, ${arrayOf('uuid', gone)}, ${JSON.stringify(lines)}::jsonb,
      ${batch.head}, ${LIVE_CHANNEL}) as wrote`);
  if (done?.wrote !== lines.length) throw new UnfitChange('a record is not at the version it was checked at');
}
