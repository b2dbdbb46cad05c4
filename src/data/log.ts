import { and, asc, eq } from 'drizzle-orm';
import type { Actor } from './actor';
import { logHash } from './change-hash';
import { type Db, inOrg } from './db';
import { user } from './tables/auth';
import { changeLog, inspection } from './tables/farvin';

/** Every change of an inspection with who, when, before and after, oldest first. */
export async function logOf(db: Db, actor: Actor, inspectionId: string, limit = 1000) {
  return inOrg(db, actor, (tx) =>
    tx
      .select({
        seq: changeLog.seq,
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
      .where(and(eq(changeLog.inspectionId, inspectionId), eq(changeLog.orgId, actor.orgId)))
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
