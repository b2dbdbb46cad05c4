import { and, count, eq, inArray, sql } from 'drizzle-orm';
import { kindOf, RECORD_KINDS, type RecordKind } from '@/core/kinds';
import type { Actor } from '../actor';
import type { Tx } from '../db';
import { photoFile } from '../tables/pictures';
import { record } from '../tables/records';
import { arrayOf } from './array-of';
import { type Batch, MOST_RECORDS, type StoredState } from './batch';
import { fileNamed, textOf, uuids } from './sent';

const SINGLE_KINDS = RECORD_KINDS.filter((k) => kindOf(k).single);

/** What the database says of an inspection that it locked (migration 0032); null where the house has none such. */
interface Known {
  readonly state: string;
  readonly logHead: string;
  readonly changeCount: number;
  readonly present: readonly ({ readonly id: string } & StoredState)[] | null;
  readonly known:
    | readonly { readonly changeId: string; readonly contentHash: string; readonly version: number }[]
    | null;
  readonly singles: readonly { readonly kind: string; readonly style: unknown }[] | null;
}

interface Given {
  readonly at: Date;
  readonly imported: boolean;
  readonly clockAheadS: number | null;
}

/**
 * Locks an inspection and begins a batch of changes with what is known of it: asked in one go, since a transaction's questions are
 * answered in turn. Null where the actor's house has no such inspection.
 */
export async function openBatch(
  tx: Tx,
  actor: Actor,
  inspectionId: string,
  changes: readonly unknown[],
  given: Given,
): Promise<{ readonly batch: Batch; readonly state: string } | null> {
  const shas = changes
    .map((c) => fileNamed(textOf(c, 'kind'), (c as { body?: unknown } | null)?.body))
    .filter((s): s is string => s !== null && s.length === 64);
  const [[answer], pictures] = await Promise.all([
    tx.execute<{ known: Known | null }>(sql`
      select farvin_open_batch(${inspectionId}::uuid, ${actor.orgId}::uuid, ${arrayOf('uuid', uuids(changes, 'record'))},
        ${arrayOf('uuid', uuids(changes, 'id'))}, ${arrayOf('text', SINGLE_KINDS)}) as known`),
    shas.length === 0
      ? []
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
  ]);
  if (!answer?.known) return null;
  const { state, logHead, changeCount } = answer.known;
  const present = answer.known.present ?? [];
  const singles = answer.known.singles ?? [];
  // There are never more records than changes were taken: most inspections need not be counted.
  const [held] =
    changeCount + changes.length <= MOST_RECORDS
      ? []
      : await tx.select({ n: count() }).from(record).where(eq(record.inspectionId, inspectionId));
  const batch: Batch = {
    actor,
    inspectionId,
    ...given,
    records: new Map(present.map(({ id, ...own }) => [id, own])),
    stored: new Map(present.map((r) => [r.id, r.version])),
    known: new Map((answer.known.known ?? []).map((k) => [k.changeId, k])),
    photos: new Map(pictures.map(({ sha, ...file }) => [sha, file])),
    log: [],
    touched: new Set(),
    room: held ? Math.max(0, MOST_RECORDS - held.n) : MOST_RECORDS,
    head: logHead,
    style:
      textOf(
        singles.find((s) => s.kind === 'car'),
        'style',
      ) || null,
    singles: new Set(singles.map((s) => s.kind as RecordKind)),
  };
  return { batch, state };
}
