import { and, asc, eq, gt, inArray, lt } from 'drizzle-orm';
import { canonicalText } from '@/core/report/seal';
import type { Actor } from './actor';
import { logHash } from './change-hash';
import { type Db, inOrg, type Tx } from './db';
import { user } from './tables/auth';
import { changeLog, inspection, logRepair, record } from './tables/farvin';

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
 * of one record; with `history` those of the sealed revisions that it goes on from too. Within an inspection the numbers rise in the order of commit, since the gateway takes one batch at a
 * time, so nothing is missed by asking for what came after the last one seen.
 */
export async function logOf(
  db: Db,
  actor: Actor,
  inspectionId: string,
  {
    after = 0,
    record = null,
    limit = 1000,
    history = false,
  }: { after?: number; record?: string | null; limit?: number; history?: boolean } = {},
): Promise<LogEntry[]> {
  return inOrg(db, actor, async (tx) => {
    const own = await tx
      .select({ lotId: inspection.lotId, revision: inspection.revision })
      .from(inspection)
      .where(and(eq(inspection.id, inspectionId), eq(inspection.orgId, actor.orgId)));
    if (!own[0]) return [];
    const { lotId, revision } = own[0];
    const before =
      revision === 1 || !history
        ? []
        : await tx
            .select({ id: inspection.id })
            .from(inspection)
            .where(and(eq(inspection.lotId, lotId), lt(inspection.revision, revision), eq(inspection.state, 'sealed')));
    return tx
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
          inArray(changeLog.inspectionId, [inspectionId, ...before.map((b) => b.id)]),
          eq(changeLog.orgId, actor.orgId),
          gt(changeLog.seq, after),
          record === null ? undefined : eq(changeLog.recordId, record),
        ),
      )
      .orderBy(asc(changeLog.seq))
      .limit(limit);
  });
}

/** What checking a log found. */
export interface LogVerdict {
  readonly whole: boolean;
  /** Lines checked, those of earlier revisions included. */
  readonly lines: number;
  /** The first line that does not fit. */
  readonly brokenAt: number | null;
  /**
   * `chain`: a line was changed or is missing. `case-of-id`: a line was hashed with its ids in capital letters and is kept
   * in small ones, which an earlier program let happen; what it says is as entered. `records`: the lines fit, and records
   * are not what they say.
   */
  readonly cause: 'chain' | 'case-of-id' | 'records' | null;
  /** Lines that fit only by a noted repair. */
  readonly repaired: number;
  /** Records that differ from what the log says, at most ten. */
  readonly differing: readonly string[];
}

const LINES_AT_ONCE = 2000;
const DIFFERING_TOLD = 10;

type Said = Map<string, { kind: string; version: number; body: unknown }>;
type LogRow = typeof changeLog.$inferSelect;

const hashOf = (r: LogRow, previous: string, fold: (id: string, part: number) => string = (id) => id) =>
  logHash(previous, {
    inspectionId: fold(r.inspectionId, 1),
    changeId: fold(r.changeId, 2),
    recordId: fold(r.recordId, 4),
    contentHash: r.contentHash,
    actorId: r.actorId,
    at: r.at.toISOString(),
    op: r.op,
    kind: r.kind,
    version: r.version,
    schema: r.schema,
    before: r.before,
    after: r.after,
  });

/** Whether a line fits its hash once some of its ids are written in capital letters. */
function fitsInCapitals(r: LogRow, previous: string): boolean {
  for (let which = 1; which < 8; which++)
    if (hashOf(r, previous, (id, part) => ((which & part) > 0 ? id.toUpperCase() : id)) === r.hash) return true;
  return false;
}

interface Checked {
  readonly lines: number;
  readonly brokenAt: number | null;
  readonly cause: LogVerdict['cause'];
  readonly repaired: number;
}

/** Goes through one inspection's own lines, a page at a time, and tells `said` what they say. */
async function checkLines(
  tx: Tx | Db,
  head: { id: string; logHead: string; logBase: string; changeCount: number },
  said: Said,
): Promise<Checked> {
  const repairs = new Set(
    (await tx.select({ seq: logRepair.seq }).from(logRepair).where(eq(logRepair.inspectionId, head.id))).map(
      (r) => r.seq,
    ),
  );
  let previous = head.logBase;
  let lines = 0;
  let after = 0;
  let repaired = 0;
  while (lines < head.changeCount) {
    const rows = await tx
      .select()
      .from(changeLog)
      .where(and(eq(changeLog.inspectionId, head.id), gt(changeLog.seq, after)))
      .orderBy(asc(changeLog.seq))
      .limit(Math.min(LINES_AT_ONCE, head.changeCount - lines));
    if (rows.length === 0) break;
    for (const r of rows) {
      if (r.previousHash !== previous) return { lines, brokenAt: r.seq, cause: 'chain', repaired };
      if (hashOf(r, previous) !== r.hash) {
        const capitals = fitsInCapitals(r, previous);
        if (!capitals || !repairs.has(r.seq))
          return { lines, brokenAt: r.seq, cause: capitals ? 'case-of-id' : 'chain', repaired };
        repaired++;
      }
      previous = r.hash;
      after = r.seq;
      lines++;
      if (r.op === 'remove') said.delete(r.recordId);
      else said.set(r.recordId, { kind: r.kind, version: r.version, body: r.after });
    }
  }
  const whole = lines === head.changeCount && head.logHead === previous;
  return { lines, brokenAt: whole ? null : after, cause: whole ? null : 'chain', repaired };
}

/** The records that are not what the log says, and those it says and that are not there. */
function differingOf(
  records: readonly { id: string; kind: string; version: number; body: unknown }[],
  said: Said,
): string[] {
  const differing = records
    .filter((r) => {
      const s = said.get(r.id);
      return s?.kind !== r.kind || s.version !== r.version || canonicalText(s.body) !== canonicalText(r.body);
    })
    .map((r) => r.id);
  const there = new Set(records.map((r) => r.id));
  return [...differing, ...[...said.keys()].filter((id) => !there.has(id))];
}

/**
 * Re-computes an inspection's chain of hashes line by line through all its revisions, replays the lines, and compares the
 * outcome with the records. A revision made before chains went on begins its own; its records are those of the one before.
 */
export async function checkLog(tx: Tx | Db, inspectionId: string): Promise<LogVerdict> {
  // Head and records in one statement: entries that come in meanwhile do not make a whole log look broken.
  const now = await tx
    .select({ head: inspection, record })
    .from(inspection)
    .leftJoin(record, eq(record.inspectionId, inspection.id))
    .where(eq(inspection.id, inspectionId));
  const head = now[0]?.head;
  if (!head) return { whole: false, lines: 0, brokenAt: null, cause: 'chain', repaired: 0, differing: [] };
  const before = await tx
    .select()
    .from(inspection)
    .where(
      and(eq(inspection.lotId, head.lotId), lt(inspection.revision, head.revision), eq(inspection.state, 'sealed')),
    )
    .orderBy(asc(inspection.revision));
  const said: Said = new Map();
  const total = { lines: 0, repaired: 0 };
  let last = '';
  for (const one of [...before, head]) {
    const carried = one.logBase === '' || one.logBase === last;
    const checked = carried
      ? await checkLines(tx, one, said)
      : { lines: 0, brokenAt: null, cause: 'chain' as const, repaired: 0 };
    total.lines += checked.lines;
    total.repaired += checked.repaired;
    if (checked.cause)
      return { whole: false, ...total, brokenAt: checked.brokenAt, cause: checked.cause, differing: [] };
    last = one.logHead;
  }
  const differing = differingOf(
    now.flatMap((n) => n.record ?? []),
    said,
  );
  const whole = differing.length === 0;
  return {
    whole,
    ...total,
    brokenAt: null,
    cause: whole ? null : 'records',
    differing: differing.slice(0, DIFFERING_TOLD),
  };
}

/** What checking the log of an inspection of the actor's organisation finds. */
export async function logVerdict(db: Db, actor: Actor, inspectionId: string): Promise<LogVerdict> {
  return inOrg(db, actor, (tx) => checkLog(tx, inspectionId));
}

/**
 * Notes beside the log that its first broken line is one hashed with ids in capital letters, so that it counts as whole;
 * the line itself stays. Null when that is not what is wrong with it.
 */
export async function noteCaseRepair(tx: Tx | Db, inspectionId: string, by: string): Promise<number | null> {
  const verdict = await checkLog(tx, inspectionId);
  if (verdict.cause !== 'case-of-id' || verdict.brokenAt === null) return null;
  const [line] = await tx.select().from(changeLog).where(eq(changeLog.seq, verdict.brokenAt));
  await tx.insert(logRepair).values({
    inspectionId: line!.inspectionId,
    orgId: line!.orgId,
    seq: line!.seq,
    cause: 'case-of-id',
    note: 'Hashed with its ids in capital letters, kept in small ones; what it says is as entered.',
    notedBy: by,
  });
  return verdict.brokenAt;
}
