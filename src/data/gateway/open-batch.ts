import { and, count, eq, inArray, sql } from 'drizzle-orm';
import { kindOf, RECORD_KINDS, type RecordKind } from '@/core/kinds';
import type { Actor } from '../actor';
import type { Tx } from '../db';
import { type inspection, photoFile, record } from '../tables/farvin';
import { type Batch, MOST_RECORDS, type StoredState } from './batch';
import { fileNamed, textOf, uuidArray, uuids } from './sent';

const SINGLE_KINDS = RECORD_KINDS.filter((k) => kindOf(k).single);

interface Known {
  readonly present: readonly ({ readonly id: string } & StoredState)[] | null;
  readonly known:
    | readonly { readonly changeId: string; readonly contentHash: string; readonly version: number }[]
    | null;
  readonly singles: readonly { readonly kind: string; readonly style: unknown }[] | null;
}

/**
 * Asks what a batch needs to know of its inspection, in one go with what is asked before: a transaction's questions are answered
 * in turn, so that this one is answered under the lock that the one before it takes.
 */
export async function askKnown(tx: Tx, actor: Actor, inspectionId: string, changes: readonly unknown[]) {
  const shas = changes
    .map((c) => fileNamed(textOf(c, 'kind'), (c as { body?: unknown } | null)?.body))
    .filter((s): s is string => s !== null && s.length === 64);
  const [[answer], pictures] = await Promise.all([
    tx.execute<{ known: Known }>(sql`
      select farvin_batch_known(${inspectionId}::uuid, ${uuidArray(uuids(changes, 'record'))},
        ${uuidArray(uuids(changes, 'id'))}, ${`{${SINGLE_KINDS.join()}}`}::text[]) as known`),
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
  return {
    present: answer?.known.present ?? [],
    known: answer?.known.known ?? [],
    singles: answer?.known.singles ?? [],
    pictures,
  };
}

/** A batch as it is begun, with what was known of its inspection. */
export async function openBatch(
  tx: Tx,
  actor: Actor,
  { id: inspectionId, logHead, changeCount }: typeof inspection.$inferSelect,
  { present, known, singles, pictures }: Awaited<ReturnType<typeof askKnown>>,
  given: {
    readonly changes: number;
    readonly at: Date;
    readonly imported: boolean;
    readonly clockAheadS: number | null;
  },
): Promise<Batch> {
  const { changes, ...how } = given;
  // There are never more records than changes were taken: most inspections need not be counted.
  const [held] =
    changeCount + changes <= MOST_RECORDS
      ? []
      : await tx.select({ n: count() }).from(record).where(eq(record.inspectionId, inspectionId));
  return {
    actor,
    inspectionId,
    ...how,
    records: new Map(present.map(({ id, ...state }) => [id, state])),
    stored: new Map(present.map((r) => [r.id, r.version])),
    known: new Map(known.map((k) => [k.changeId, k])),
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
}
