import { and, desc, eq, inArray } from 'drizzle-orm';
import type { ChangeResult } from '@/core/records/change';
import { clip } from '@/core/records/clip';
import type { Actor } from '../actor';
import { type Db, inOrg, type Tx } from '../db';
import { user } from '../tables/auth';
import { changeLog } from '../tables/records';
import { UnfitChange } from './batch';
import { openBatch } from './open-batch';
import { textOf, uuids } from './sent';
import { closedAnswer, takeOne } from './take-one';
import { writeBatch } from './write-batch';

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
    const open = await openBatch(tx, actor, inspectionId, changes, { at, ...how });
    if (!open) return null;
    const { batch, state } = open;
    const closed = state === 'sealed' || state === 'given-up' ? state : null;
    const results = changes.map((c) => (closed ? closedAnswer(c, batch, closed) : takeOne(c, batch)));
    await writeBatch(tx, batch);
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
