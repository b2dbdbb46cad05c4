import { and, asc, eq, gt } from 'drizzle-orm';
import type { Actor } from './actor';
import { logHash } from './change-hash';
import { type Db, inOrg, type Tx } from './db';
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

/** What checking a log found: how many lines it has, and the number of the first one that does not fit. */
export interface LogVerdict {
  readonly whole: boolean;
  readonly lines: number;
  readonly brokenAt: number | null;
}

const LINES_AT_ONCE = 2000;

/** Re-computes an inspection's chain of hashes line by line, a page at a time, and compares it with its head. */
export async function checkLog(tx: Tx | Db, inspectionId: string): Promise<LogVerdict> {
  // The head first: lines that come in meanwhile do not make a whole log look broken.
  const [head] = await tx
    .select({ logHead: inspection.logHead, changeCount: inspection.changeCount })
    .from(inspection)
    .where(eq(inspection.id, inspectionId));
  if (!head) return { whole: false, lines: 0, brokenAt: null };
  let previous = '';
  let lines = 0;
  let after = 0;
  while (lines < head.changeCount) {
    const rows = await tx
      .select()
      .from(changeLog)
      .where(and(eq(changeLog.inspectionId, inspectionId), gt(changeLog.seq, after)))
      .orderBy(asc(changeLog.seq))
      .limit(Math.min(LINES_AT_ONCE, head.changeCount - lines));
    if (rows.length === 0) break;
    for (const r of rows) {
      const { changeId, contentHash, actorId, op, kind, recordId, version, before, after: now } = r;
      const at = r.at.toISOString();
      const line = {
        inspectionId,
        changeId,
        contentHash,
        actorId,
        at,
        op,
        kind,
        recordId,
        version,
        before,
        after: now,
      };
      if (r.previousHash !== previous || logHash(previous, line) !== r.hash)
        return { whole: false, lines, brokenAt: r.seq };
      previous = r.hash;
      after = r.seq;
      lines++;
    }
  }
  const whole = lines === head.changeCount && head.logHead === previous;
  return { whole, lines, brokenAt: whole ? null : after };
}

/** Whether the log of an inspection of the actor's organisation is whole. */
export async function logIsWhole(db: Db, actor: Actor, inspectionId: string): Promise<boolean> {
  return inOrg(db, actor, async (tx) => (await checkLog(tx, inspectionId)).whole);
}
