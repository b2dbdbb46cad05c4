import { LRUCache } from 'lru-cache';
import { planOfCar } from '@/core/body/plan';
import { judge } from '@/core/judge/judge';
import type { AnyRecord } from '@/core/kinds';
import { checkText } from '@/core/listing/check-text';
import { docText, type Listing } from '@/core/listing/doc';
import { recordsOf } from '@/core/records/reduce';
import type { Actor } from '@/data/actor';
import type { Db } from '@/data/db';
import { currentInspection, recordsOfInspection } from '@/data/inspections';
import { type Held, heldAgainst, type KeptListing } from '@/data/listings';
import { orgTables } from '@/data/org-tables';
import { sealedRecords } from '@/report/read-snapshot';
import { newestOpened } from './newest-opened';

/** What a listing is held against: the newest sealed report where there is one, else what is on record now. */
async function recordsBehind(db: Db, actor: Actor, lotId: string): Promise<readonly AnyRecord[]> {
  const opened = await newestOpened(db, actor, lotId);
  if (opened) return sealedRecords(opened.snapshot.bundle).records;
  const head = await currentInspection(db, actor, lotId);
  return head ? recordsOfInspection(db, actor, head.id) : [];
}

/** How many words of a listing what was found speaks against. A car that is not stated contradicts nothing. */
async function contradictedIn(db: Db, actor: Actor, lotId: string, { short, long }: Listing): Promise<number> {
  const records = await recordsBehind(db, actor, lotId);
  const plan = planOfCar(recordsOf(records, 'car')[0]?.body);
  if (!plan) return 0;
  const { tables } = await orgTables(db, actor);
  const words = checkText(`${short}\n${docText(long)}`, judge({ plan, records, tables }));
  return words.filter((w) => w.verdict === 'contradicted').length;
}

/** How a text stands against what is known of the lot now. The name is asked first: what comes in meanwhile is looked at once more. */
export async function heldUp(db: Db, actor: Actor, lotId: string, text: Listing): Promise<Held> {
  const against = await heldAgainst(db, actor, lotId);
  return { contradicted: await contradictedIn(db, actor, lotId, text), against };
}

/** A kept listing as it stands now. */
export type StandingListing = KeptListing & {
  /** What came after it was kept; null: nothing, or kept before this was noted. */
  readonly since: 'report' | 'records' | null;
};

const counted = new LRUCache<string, number>({ max: 2000 });

/**
 * A kept listing held against what is known by now: what came after it was kept may speak against it, and a reason given for fewer
 * words lets no more of them out.
 */
export async function standingNow(db: Db, actor: Actor, kept: KeptListing): Promise<StandingListing> {
  if (kept.against === kept.now) return { ...kept, since: null };
  const key = `${kept.lotId} ${kept.editedAt.getTime()} ${kept.now}`;
  const contradicted = counted.get(key) ?? (await contradictedIn(db, actor, kept.lotId, kept));
  counted.set(key, contradicted);
  const since = kept.against === '' ? null : kept.now.startsWith('report ') ? 'report' : 'records';
  const more = contradicted > kept.contradicted;
  return { ...kept, contradicted, since, ...(more && { allowedWhy: '', allowedBy: '' }) };
}

/** Whether a listing may go out as it stands. */
export const goesOut = (l: { contradicted: number; allowedWhy: string }): boolean =>
  l.contradicted === 0 || l.allowedWhy !== '';
