import { and, count, desc, eq, inArray, sql } from 'drizzle-orm';
import type { AnyPgColumn } from 'drizzle-orm/pg-core';
import type { ChangeResult } from '@/core/records/change';
import { type CheckedChange, checkChange, updateFirst } from '@/core/records/check-change';
import { clip } from '@/core/records/clip';
import { KIND_HISTORY } from '@/core/records/kinds';
import type { Actor } from './actor';
import { contentHash, logHash } from './change-hash';
import { type Db, inOrg, type Tx } from './db';
import { LIVE_CHANNEL } from './live-channel';
import { user } from './tables/auth';
import { changeLog, inspection, photoFile, record } from './tables/farvin';

/**
 * Most records that one inspection takes. A full survey with a gauge and 300 pictures makes about 3,000; beyond the bound
 * a page, a seal and a check of the log would hold everybody up.
 */
export const MOST_RECORDS = 20_000;

interface StoredState {
  kind: string;
  version: number;
  schema: number;
  body: unknown;
}

type FileFacts = Pick<typeof photoFile.$inferSelect, 'type' | 'bytes' | 'widthPx' | 'heightPx' | 'takenAt'>;

interface LogRow {
  readonly row: typeof changeLog.$inferInsert;
  /** Version under which the database holds the record before this batch; 0 where it holds none. */
  readonly stored: number;
}

/** State of one batch while it is worked through in memory, inside its transaction. */
interface Batch {
  readonly actor: Actor;
  readonly inspectionId: string;
  readonly at: Date;
  readonly records: Map<string, StoredState>;
  readonly stored: ReadonlyMap<string, number>;
  readonly known: Map<string, { contentHash: string; version: number }>;
  readonly photos: ReadonlyMap<string, FileFacts>;
  readonly log: LogRow[];
  readonly touched: Set<string>;
  /** New records may come in at the version they had where they come from. */
  readonly imported: boolean;
  readonly clockAheadS: number | null;
  /** Records that may still come in. */
  room: number;
  head: string;
  style: string | null;
}

/**
 * The one way in for changes. Takes them in order in one transaction: actor, seal, schema and version are checked, the
 * record and the log line written together. `applied` means committed. Returns null when the actor's organisation has
 * no such inspection. A change that is rejected or in conflict changes nothing; the others go on. What the database
 * itself cannot keep is halved out of its batch and rejected alone.
 */
export async function takeChanges(
  db: Db,
  actor: Actor,
  inspectionId: string,
  changes: readonly unknown[],
  at: Date,
  { imported = false, clockAheadS = null }: { imported?: boolean; clockAheadS?: number | null } = {},
): Promise<ChangeResult[] | null> {
  const how = { imported, clockAheadS };
  try {
    return await takeAtOnce(db, actor, inspectionId, changes, at, how);
  } catch (error) {
    if (!isRefusal(error)) throw error;
    if (changes.length === 1) return [refusedAlone(changes[0])];
    const middle = Math.ceil(changes.length / 2);
    const first = await takeChanges(db, actor, inspectionId, changes.slice(0, middle), at, how);
    const rest = first && (await takeChanges(db, actor, inspectionId, changes.slice(middle), at, how));
    return rest && [...first, ...rest];
  }
}

/** Whether the database is well and refuses the data (SQLSTATE classes 22 and 23), or a change cannot even be written down. */
function isRefusal(error: unknown): boolean {
  if (error instanceof UnfitChange) return true;
  const { cause } = error as { cause?: { code?: unknown } };
  const code = cause?.code ?? (error as { code?: unknown }).code;
  return typeof code === 'string' && /^2[23]/.test(code);
}

/** A change whose text has no canonical form, or whose record changed under the lock. */
class UnfitChange extends Error {}

function refusedAlone(input: unknown): ChangeResult {
  return {
    id: clip(textOf(input, 'id') ?? '', 64),
    status: 'rejected',
    reason: 'refused',
    message: 'The database cannot keep this entry as it is. The others were taken.',
  };
}

function takeAtOnce(
  db: Db,
  actor: Actor,
  inspectionId: string,
  changes: readonly unknown[],
  at: Date,
  how: { imported: boolean; clockAheadS: number | null },
): Promise<ChangeResult[] | null> {
  return inOrg(db, actor, async (tx) => {
    const [head] = await tx
      .select()
      .from(inspection)
      .where(and(eq(inspection.id, inspectionId), eq(inspection.orgId, actor.orgId)))
      .for('update');
    if (!head) return null;
    const batch = await openBatch(tx, actor, head, changes, at, how);
    const closed = head.state === 'sealed' || head.state === 'given-up' ? head.state : null;
    const results = changes.map((c) => (closed ? closedAnswer(c, batch, closed) : takeOne(c, batch)));
    await commitBatch(tx, batch);
    return withRivals(tx, inspectionId, results, changes);
  });
}

/** Conflicts told with who changed the record last, and when. */
async function withRivals(
  tx: Tx,
  inspectionId: string,
  results: readonly ChangeResult[],
  changes: readonly unknown[],
): Promise<ChangeResult[]> {
  if (!results.some((r) => r.status === 'conflict')) return [...results];
  const ids = uuids(
    changes.filter((_, i) => results[i]!.status === 'conflict'),
    'record',
  );
  const lines = await tx
    .selectDistinctOn([changeLog.recordId], {
      record: changeLog.recordId,
      who: changeLog.actorName,
      old: user.name,
      at: changeLog.at,
    })
    .from(changeLog)
    .leftJoin(user, eq(user.id, changeLog.actorId))
    .where(and(eq(changeLog.inspectionId, inspectionId), inArray(changeLog.recordId, ids)))
    .orderBy(changeLog.recordId, desc(changeLog.seq));
  const last = new Map(lines.map((l) => [l.record, { who: l.who ?? l.old ?? '', at: l.at.toISOString() }]));
  return results.map((r, i) => {
    const rival = r.status === 'conflict' ? last.get(textOf(changes[i], 'record')?.toLowerCase() ?? '') : undefined;
    return rival ? { ...r, by: rival } : r;
  });
}

const textOf = (value: unknown, key: string): string | null => {
  const v = typeof value === 'object' && value !== null ? (value as Record<string, unknown>)[key] : undefined;
  return typeof v === 'string' ? v : null;
};
const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[1-8][0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/i;
const uuids = (changes: readonly unknown[], key: string) => [
  ...new Set(
    changes
      .map((c) => textOf(c, key))
      .filter((v): v is string => v !== null && UUID.test(v))
      .map((v) => v.toLowerCase()),
  ),
];

/** Whether a column is one of many ids, as one parameter however many there are. */
const among = (column: AnyPgColumn, ids: readonly string[]) =>
  sql`${column} = any(array(select value::uuid from jsonb_array_elements_text(${JSON.stringify(ids)}::jsonb)))`;

async function openBatch(
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
    .flatMap((c) => (textOf(c, 'kind') === 'photo' ? [textOf((c as { body?: unknown }).body, 'sha256')] : []))
    .filter((s): s is string => s !== null && s.length === 64);
  const nothing = Promise.resolve([] as never[]);
  // Asked together: within a transaction they go out in one go and are answered in turn.
  const [present, before, pictures, [car], [held]] = await Promise.all([
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
      .select({ body: record.body })
      .from(record)
      .where(and(eq(record.inspectionId, inspectionId), eq(record.kind, 'car'))),
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
    style: textOf(car?.body, 'style') || null,
  };
}

/** A sealed inspection, or one that was given up, takes nothing more, but still knows what it took before. */
function closedAnswer(input: unknown, batch: Batch, closed: 'sealed' | 'given-up'): ChangeResult {
  const id = (textOf(input, 'id') ?? '').toLowerCase();
  const known = batch.known.get(id);
  const checked = known ? checkChange(input, { style: batch.style }) : null;
  if (known && checked?.ok && sameContent(known.contentHash, input, checked.change))
    return { id, status: 'duplicate', version: known.version };
  return {
    id: clip(id, 64),
    status: 'rejected',
    reason: 'sealed',
    message:
      closed === 'sealed'
        ? 'This report is sealed. Start a new revision to correct it.'
        : 'This revision was given up; the sealed report before it stands.',
  };
}

/**
 * Hash of a change as it was sent, ids in lower case: what this program fills in where nothing was said does not count,
 * so that the same change sent again to a newer program is known again.
 */
function sentHash(input: unknown, change: CheckedChange): string {
  const body = change.op === 'put' ? (input as { body: unknown }).body : undefined;
  try {
    return contentHash({ ...change, body });
  } catch (cause) {
    throw new UnfitChange('a change has no canonical text', { cause });
  }
}

/** Whether a change says what was taken under its id: as sent, or as filled in by the program that took it. */
const sameContent = (taken: string, input: unknown, change: CheckedChange) =>
  taken === sentHash(input, change) || taken === contentHash(change);

function takeOne(input: unknown, batch: Batch): ChangeResult {
  const held = batch.records.get((textOf(input, 'record') ?? '').toLowerCase());
  const checked = checkChange(input, { style: batch.style, present: (held?.body as Record<string, unknown>) ?? null });
  if (!checked.ok) return checked.rejection;
  const { change } = checked;
  const known = batch.known.get(change.id);
  if (known) {
    if (sameContent(known.contentHash, input, change))
      return { id: change.id, status: 'duplicate', version: known.version };
    return {
      id: change.id,
      status: 'rejected',
      reason: 'reused-id',
      message: 'A change with this id was taken before with another content.',
    };
  }
  const present = batch.records.get(change.record);
  if (present && present.kind !== change.kind) {
    return {
      id: change.id,
      status: 'rejected',
      reason: 'wrong-kind',
      message: `This record is a ${present.kind}, not a ${change.kind}.`,
    };
  }
  if (present && present.schema > KIND_HISTORY[change.kind].schema)
    return { id: change.id, ...updateFirst(change.kind) };
  if ((present?.version ?? 0) !== change.base && !(batch.imported && !present)) {
    return {
      id: change.id,
      status: 'conflict',
      present: present ? { version: present.version, body: present.body } : null,
    };
  }
  if (change.op === 'put' && !present && batch.room === 0) {
    return {
      id: change.id,
      status: 'rejected',
      reason: 'too-many-records',
      message: `This inspection holds ${MOST_RECORDS} records, which is as many as it takes. Begin a revision, or take out what is not needed.`,
    };
  }
  const sha = change.op === 'put' && change.kind === 'photo' ? textOf(change.body, 'sha256') : null;
  if (sha !== null && !batch.photos.has(sha)) {
    return {
      id: change.id,
      status: 'rejected',
      reason: 'unknown-photo',
      message: 'This picture has not arrived yet. Send the picture first.',
      path: 'sha256',
    };
  }
  if (change.op === 'put' && change.kind === 'car' && !present && batch.style !== null) {
    return {
      id: change.id,
      status: 'rejected',
      reason: 'invalid',
      message: 'This inspection already has its car; change that record.',
      path: 'record',
    };
  }
  return apply(change, sentHash(input, change), present, batch);
}

/**
 * A picture's record with type, size and moment as its stored file has them, whatever was sent. A file that states no
 * moment keeps the one that the record came with from another house, since that house's file did.
 */
function asItsFile<B>(kind: string, body: B, present: StoredState | undefined, batch: Batch): B {
  const file = kind === 'photo' ? batch.photos.get(textOf(body, 'sha256') ?? '') : undefined;
  if (!file) return body;
  const { takenAt, ...facts } = file;
  const carried = textOf(batch.imported && !present ? body : present?.body, 'takenAt');
  return { ...body, ...facts, takenAt: takenAt?.toISOString() ?? carried };
}

function apply(change: CheckedChange, hash: string, present: StoredState | undefined, batch: Batch): ChangeResult {
  const version = change.base + 1;
  const after = change.op === 'put' ? asItsFile(change.kind, change.body, present, batch) : null;
  const { schema } = KIND_HISTORY[change.kind];
  if (!present) batch.room--;
  if (change.op === 'put') batch.records.set(change.record, { kind: change.kind, version, schema, body: after });
  else batch.records.delete(change.record);
  if (change.kind === 'car') batch.style = change.op === 'put' ? textOf(change.body, 'style') || null : null;
  batch.touched.add(change.record);
  batch.known.set(change.id, { contentHash: hash, version });
  const line = {
    inspectionId: batch.inspectionId,
    changeId: change.id,
    contentHash: hash,
    actorId: batch.actor.userId,
    at: batch.at.toISOString(),
    op: change.op,
    kind: change.kind,
    recordId: change.record,
    version,
    schema,
    before: present?.body ?? null,
    after,
    actorName: batch.actor.name,
    clockAheadS: batch.clockAheadS,
  };
  const previousHash = batch.head;
  batch.head = logHash(previousHash, line);
  batch.log.push({
    row: { ...line, form: 2, at: batch.at, orgId: batch.actor.orgId, previousHash, hash: batch.head },
    stored: batch.stored.get(change.record) ?? 0,
  });
  return { id: change.id, status: 'applied', version };
}

async function commitBatch(tx: Tx, batch: Batch): Promise<void> {
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
