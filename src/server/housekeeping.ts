import { sql } from 'drizzle-orm';
import type { Db } from '@/data/db';
import { expireExports } from '@/data/export-jobs';
import { forgetBuckets } from '@/data/rate-buckets';
import { forgetOldTries } from '@/data/sign-in-tries';
import { exportKey } from './export/export-key';
import { makeWaiting } from './export/jobs';
import { noteFailure } from './note-failure';
import { photoStore } from './photo-store';
import { quotas } from './quotas';

const DAY_MS = 24 * 3600_000;
const EVERY_MS = 3600_000;
/** Exports that a server left standing are looked for this often. */
const EXPORTS_EVERY_MS = 60_000;

export interface Swept {
  readonly parts: number;
  readonly exports: number;
  readonly addresses: number;
}

/** Takes away what has served its time: parts of pictures never finished, old exports, counts, addresses. */
export async function sweep(db: Db, now: Date): Promise<Swept> {
  const { exportDays, partDays } = quotas();
  const parts = await photoStore().listOld('parts-', new Date(now.getTime() - partDays * DAY_MS));
  for (const key of parts) await photoStore().remove(key);
  const old = await expireExports(db, exportDays);
  for (const { id, orgId } of old) await photoStore().remove(exportKey(orgId, id));
  await forgetBuckets(db, new Date(now.getTime() - DAY_MS));
  await forgetOldTries(db, new Date(now.getTime() - DAY_MS));
  const [row] = await db.execute<{ n: number }>(sql`select farvin_forget_addresses() as n`);
  return { parts: parts.length, exports: old.length, addresses: row?.n ?? 0 };
}

/** Keeps house in the background for as long as this server lives. */
export function keepHouse(db: Db): void {
  const sweepNow = () => void sweep(db, new Date()).catch(noteFailure);
  setInterval(sweepNow, EVERY_MS).unref();
  setInterval(() => void makeWaiting(db), EXPORTS_EVERY_MS).unref();
  sweepNow();
  void makeWaiting(db);
}
