import { and, asc, count, eq, gt, inArray, isNotNull, lt, lte, sql } from 'drizzle-orm';
import pLimit from 'p-limit';
import type { Actor } from './actor';
import { type LogLine, logHash } from './change-hash';
import { type Db, inOrg, type Tx } from './db';
import { user } from './tables/auth';
import { inspection } from './tables/lots';
import { changeLog, logRepair } from './tables/records';

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
  /** How far the device's clock was ahead of the server's when it was sent, s; null where it was not told. */
  readonly clockAheadS: number | null;
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
        who: sql<string | null>`coalesce(${changeLog.actorName}, ${user.name})`,
        op: changeLog.op,
        kind: changeLog.kind,
        record: changeLog.recordId,
        version: changeLog.version,
        before: changeLog.before,
        after: changeLog.after,
        hash: changeLog.hash,
        clockAheadS: changeLog.clockAheadS,
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
  /** Lines from which a body was erased. */
  readonly erased: number;
  /** Records that differ from what the log says, at most ten. */
  readonly differing: readonly string[];
}

/** Lines hashed in one go, about 20 ms of a processor; between goes the server answers others. */
const LINES_AT_ONCE = 200;
const DIFFERING_TOLD = 10;

type LogRow = typeof changeLog.$inferSelect;
type Head = typeof inspection.$inferSelect;

const hashOf = (r: LogRow, previous: string, fold: (id: string, part: number) => string = (id) => id) =>
  logHash(previous, {
    inspectionId: fold(r.inspectionId, 1),
    changeId: fold(r.changeId, 2),
    recordId: fold(r.recordId, 4),
    contentHash: r.contentHash,
    actorId: r.actorId,
    actorName: r.form === 1 ? null : (r.actorName ?? ''),
    at: r.at.toISOString(),
    op: r.op,
    kind: r.kind,
    version: r.version,
    schema: r.schema,
    before: r.before,
    after: r.after,
    clockAheadS: r.clockAheadS,
    erased: r.erased as LogLine['erased'],
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
  readonly erased: number;
  /** Number of the last line that was checked. */
  readonly upTo: number;
}

/** What is known of the lines before a mark without hashing them anew. */
async function countsBefore(tx: Tx | Db, id: string, seq: number): Promise<{ repaired: number; erased: number }> {
  const [repaired] = await tx
    .select({ n: count() })
    .from(logRepair)
    .where(and(eq(logRepair.inspectionId, id), lte(logRepair.seq, seq)));
  const [erased] = await tx
    .select({ n: count() })
    .from(changeLog)
    .where(and(eq(changeLog.inspectionId, id), lte(changeLog.seq, seq), isNotNull(changeLog.erased)));
  return { repaired: repaired!.n, erased: erased!.n };
}

/**
 * Goes through one inspection's own lines, a page at a time: from the first, or from where the last check came to. A line
 * of form 1 whose body was erased cannot be hashed again: that it goes on from the line before it is all that is checked.
 */
async function checkLines(tx: Tx | Db, head: Head, fromMark: boolean): Promise<Checked> {
  const repairs = new Set(
    (await tx.select({ seq: logRepair.seq }).from(logRepair).where(eq(logRepair.inspectionId, head.id))).map(
      (r) => r.seq,
    ),
  );
  const marked = fromMark && head.checkedSeq > 0 && head.checkedLines <= head.changeCount;
  let previous = marked ? head.checkedHead : head.logBase;
  let lines = marked ? head.checkedLines : 0;
  let after = marked ? head.checkedSeq : 0;
  let { repaired, erased } = marked ? await countsBefore(tx, head.id, head.checkedSeq) : { repaired: 0, erased: 0 };
  const broken = (seq: number, cause: Checked['cause']): Checked => ({
    lines,
    brokenAt: seq,
    cause,
    repaired,
    erased,
    upTo: after,
  });
  while (lines < head.changeCount) {
    const rows = await tx
      .select()
      .from(changeLog)
      .where(and(eq(changeLog.inspectionId, head.id), gt(changeLog.seq, after)))
      .orderBy(asc(changeLog.seq))
      .limit(Math.min(LINES_AT_ONCE, head.changeCount - lines));
    if (rows.length === 0) break;
    for (const r of rows) {
      if (r.previousHash !== previous) return broken(r.seq, 'chain');
      if (r.erased !== null) erased++;
      const unreadable = r.form === 1 && r.erased !== null;
      if (!unreadable && hashOf(r, previous) !== r.hash) {
        const capitals = fitsInCapitals(r, previous);
        if (!capitals || !repairs.has(r.seq)) return broken(r.seq, capitals ? 'case-of-id' : 'chain');
        repaired++;
      }
      previous = r.hash;
      after = r.seq;
      lines++;
    }
    await new Promise((resolve) => setImmediate(resolve));
  }
  return lines === head.changeCount && head.logHead === previous
    ? { lines, brokenAt: null, cause: null, repaired, erased, upTo: after }
    : broken(after, 'chain');
}

/** Records that are not what the last line about them says, and those that a line says and that are not there. */
async function differingRecords(tx: Tx | Db, ids: readonly string[], inspectionId: string): Promise<string[]> {
  const among = sql.join(
    ids.map((id) => sql`${id}::uuid`),
    sql`, `,
  );
  const rows = await tx.execute<{ id: string }>(sql`
    with said as (
      select distinct on (record_id) record_id, op, kind, version, after, erased from change_log
      where inspection_id in (${among}) order by record_id, seq desc
    )
    select coalesce(r.id, s.record_id)::text as id
    from (select * from said where op <> 'remove') s
    full join (select * from record where inspection_id = ${inspectionId}::uuid) r on r.id = s.record_id
    where s.record_id is null or (not coalesce(s.erased ? 'after', false)
      and (r.id is null or r.kind <> s.kind or r.version <> s.version or r.body is distinct from s.after))
    order by 1 limit ${DIFFERING_TOLD}`);
  return rows.map((r) => r.id);
}

/**
 * Re-computes an inspection's chain of hashes line by line through all its revisions, replays the lines, and compares the
 * outcome with the records. A revision made before chains went on begins its own; its records are those of the one
 * before. With `fromMark` lines that an earlier check found whole are not hashed again.
 */
export async function checkLog(tx: Tx | Db, inspectionId: string, { fromMark = false } = {}): Promise<LogVerdict> {
  const [head] = await tx.select().from(inspection).where(eq(inspection.id, inspectionId));
  if (!head) return { whole: false, lines: 0, brokenAt: null, cause: 'chain', repaired: 0, erased: 0, differing: [] };
  const before = await tx
    .select()
    .from(inspection)
    .where(
      and(eq(inspection.lotId, head.lotId), lt(inspection.revision, head.revision), eq(inspection.state, 'sealed')),
    )
    .orderBy(asc(inspection.revision));
  const total = { lines: 0, repaired: 0, erased: 0 };
  let last = '';
  for (const one of [...before, head]) {
    const carried = one.logBase === '' || one.logBase === last;
    const checked = carried ? await checkLines(tx, one, fromMark) : null;
    total.lines += checked?.lines ?? 0;
    total.repaired += checked?.repaired ?? 0;
    total.erased += checked?.erased ?? 0;
    if (!checked || checked.cause)
      return {
        whole: false,
        ...total,
        brokenAt: checked?.brokenAt ?? null,
        cause: checked?.cause ?? 'chain',
        differing: [],
      };
    if (checked.upTo > one.checkedSeq)
      await tx
        .update(inspection)
        .set({ checkedSeq: checked.upTo, checkedLines: one.changeCount, checkedHead: one.logHead })
        .where(eq(inspection.id, one.id));
    last = one.logHead;
  }
  const differing = await differingRecords(tx, [...before.map((b) => b.id), inspectionId], inspectionId);
  const whole = differing.length === 0;
  return { whole, ...total, brokenAt: null, cause: whole ? null : 'records', differing };
}

/** One check at a time in a server, and one for all who ask for the same. */
const inTurn = pLimit(1);
const running = new Map<string, Promise<LogVerdict>>();

/** What checking the log of an inspection of the actor's organisation finds. */
export async function logVerdict(
  db: Db,
  actor: Actor,
  inspectionId: string,
  { fromMark = false } = {},
): Promise<LogVerdict> {
  const key = `${actor.orgId} ${inspectionId} ${fromMark}`;
  const present = running.get(key);
  if (present) return present;
  // The whole log, also what a viewer is not shown of it: only the verdict is told.
  const work = inTurn(() =>
    inOrg(db, { orgId: actor.orgId }, (tx) => checkLog(tx, inspectionId, { fromMark })),
  ).finally(() => running.delete(key));
  running.set(key, work);
  return work;
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
