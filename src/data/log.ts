import { and, asc, eq, gt } from 'drizzle-orm';
import type { Actor } from './actor';
import { logHash } from './change-hash';
import { type Db, inOrg } from './db';
import { user } from './tables/auth';
import { changeLog, inspection } from './tables/farvin';

/** One taken change, as the log tells it. */
export interface LogEntry {
  readonly seq: number;
  readonly changeId: string;
  readonly at: Date;
  readonly who: string | null;
  readonly op: string;
  readonly kind: string;
  readonly record: string;
  readonly version: number;
  readonly before: unknown;
  readonly after: unknown;
  readonly hash: string;
}

/**
 * Changes of an inspection with who, when, before and after, oldest first: all, those after a sequence number, or those
 * of one record. Within an inspection the numbers rise in the order of commit, since the gateway takes one batch at a
 * time, so nothing is missed by asking for what came after the last one seen.
 */
export async function logOf(
  db: Db,
  actor: Actor,
  inspectionId: string,
  { after = 0, record = null, limit = 1000 }: { after?: number; record?: string | null; limit?: number } = {},
): Promise<LogEntry[]> {
  return inOrg(db, actor, (tx) =>
    tx
      .select({
        seq: changeLog.seq,
        changeId: changeLog.changeId,
        at: changeLog.at,
        who: user.name,
        op: changeLog.op,
        kind: changeLog.kind,
        record: changeLog.recordId,
        version: changeLog.version,
        before: changeLog.before,
        after: changeLog.after,
        hash: changeLog.hash,
      })
      .from(changeLog)
      .leftJoin(user, eq(user.id, changeLog.actorId))
      .where(
        and(
          eq(changeLog.inspectionId, inspectionId),
          eq(changeLog.orgId, actor.orgId),
          gt(changeLog.seq, after),
          record === null ? undefined : eq(changeLog.recordId, record),
        ),
      )
      .orderBy(asc(changeLog.seq))
      .limit(limit),
  );
}

/** Whether the log's chain of hashes is whole: re-computed line by line and compared with the inspection's head. */
export async function logIsWhole(db: Db, actor: Actor, inspectionId: string): Promise<boolean> {
  const { rows, head } = await inOrg(db, actor, async (tx) => {
    // The head first: lines that come in between do not make a whole log look broken.
    const [head] = await tx
      .select({ logHead: inspection.logHead, changeCount: inspection.changeCount })
      .from(inspection)
      .where(and(eq(inspection.id, inspectionId), eq(inspection.orgId, actor.orgId)));
    const rows = await tx
      .select()
      .from(changeLog)
      .where(and(eq(changeLog.inspectionId, inspectionId), eq(changeLog.orgId, actor.orgId)))
      .orderBy(asc(changeLog.seq))
      .limit(head?.changeCount ?? 0);
    return { rows, head };
  });
  let previous = '';
  for (const r of rows) {
    const line = {
      inspectionId,
      changeId: r.changeId,
      contentHash: r.contentHash,
      actorId: r.actorId,
      at: r.at.toISOString(),
      op: r.op,
      kind: r.kind,
      recordId: r.recordId,
      version: r.version,
      before: r.before,
      after: r.after,
    };
    if (r.previousHash !== previous || logHash(previous, line) !== r.hash) return false;
    previous = r.hash;
  }
  return head !== undefined && head.logHead === previous;
}
