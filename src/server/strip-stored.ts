import { randomUUID } from 'node:crypto';
import { and, eq, lt, ne, sql } from 'drizzle-orm';
import sharp from 'sharp';
import { type PictureType, STRIPPED_BY, stripMetadata } from '@/core/image/strip-metadata';
import type { Actor } from '@/data/actor';
import type { Db } from '@/data/db';
import { erasePicture } from '@/data/erase';
import { takeChanges } from '@/data/gateway';
import { inspection } from '@/data/tables/lots';
import { photoFile, photoOrigin } from '@/data/tables/pictures';
import { record } from '@/data/tables/records';
import { getPhoto, putPhoto, removePhoto } from './photo-store';
import { sha256Of } from './sha256';

/** Marks a picture that holds notes and that a sealed report shows: strangers are given its copies only. */
export const HELD_BACK = -1;

export interface StrippedStore {
  looked: number;
  clean: number;
  /** Pictures that were replaced by one without notes. */
  replaced: number;
  /** Pictures with notes that sealed reports name: their full size is not given to strangers any more. */
  heldBack: string[];
  /** Pictures that are not in the store, or not what their names say. */
  missing: string[];
}

type Row = typeof photoFile.$inferSelect;

/** Puts a picture without its notes in the place of the one with them, wherever an inspection is still open. */
async function replace(owner: Db, row: Row, kept: Uint8Array): Promise<'replaced' | 'held-back'> {
  const sha256 = sha256Of(kept);
  const actor: Actor = { userId: 'program', name: 'the program', orgId: row.orgId, role: 'manager' };
  await putPhoto(sha256, 'full', kept);
  await owner
    .insert(photoFile)
    .values({ ...row, sha256, bytes: kept.length, stripped: STRIPPED_BY })
    .onConflictDoNothing();
  await owner
    .update(photoOrigin)
    .set({ sha256 })
    .where(and(eq(photoOrigin.orgId, row.orgId), eq(photoOrigin.sha256, row.sha256)));
  const named = await owner
    .select({
      id: record.id,
      inspection: record.inspectionId,
      version: record.version,
      body: record.body,
      state: inspection.state,
    })
    .from(record)
    .innerJoin(inspection, eq(inspection.id, record.inspectionId))
    .where(and(eq(record.orgId, row.orgId), eq(record.kind, 'photo'), sql`${record.body}->>'sha256' = ${row.sha256}`));
  let open = true;
  for (const { id, inspection: of, version, body, state } of named) {
    if (state === 'sealed' || state === 'given-up') {
      open = false;
      continue;
    }
    const change = {
      id: randomUUID(),
      op: 'put',
      kind: 'photo',
      record: id,
      base: version,
      body: { ...(body as object), sha256 },
    };
    const results = await takeChanges(owner, actor, of, [change], new Date(), { imported: true });
    if (results?.[0]?.status !== 'applied') open = false;
  }
  if (open) {
    const erased = await erasePicture(owner, actor, row.sha256, 'notes and positions were taken out');
    for (const sha of erased?.pictures ?? []) await removePhoto(sha);
    return 'replaced';
  }
  await owner
    .update(photoFile)
    .set({ stripped: HELD_BACK })
    .where(and(eq(photoFile.orgId, row.orgId), eq(photoFile.sha256, row.sha256)));
  return 'held-back';
}

/**
 * Goes once over all pictures that an earlier program kept. One that still holds notes or positions is replaced by one
 * that does not, in every open inspection; where a sealed report names it the report cannot change, and its full size is
 * held back from strangers. Needs the tables' owner. Doing it twice changes nothing more.
 */
export async function stripStored(owner: Db): Promise<StrippedStore> {
  const rows = await owner
    .select()
    .from(photoFile)
    .where(and(lt(photoFile.stripped, STRIPPED_BY), ne(photoFile.stripped, HELD_BACK)));
  const told: StrippedStore = { looked: rows.length, clean: 0, replaced: 0, heldBack: [], missing: [] };
  for (const row of rows) {
    const bytes = await getPhoto(row.sha256, 'full');
    if (!bytes) {
      told.missing.push(row.sha256);
      continue;
    }
    const { orientation = 1 } = await sharp(bytes).metadata();
    const kept = stripMetadata(bytes, row.type as PictureType, orientation);
    if (kept && Buffer.compare(Buffer.from(kept), bytes) === 0) {
      told.clean++;
      await owner
        .update(photoFile)
        .set({ stripped: STRIPPED_BY })
        .where(and(eq(photoFile.orgId, row.orgId), eq(photoFile.sha256, row.sha256)));
    } else if (kept && (await replace(owner, row, kept)) === 'replaced') told.replaced++;
    else told.heldBack.push(row.sha256);
  }
  return told;
}
