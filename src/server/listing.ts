import { planOfCar } from '@/core/body/plan';
import { judge } from '@/core/judge/judge';
import type { AnyRecord } from '@/core/kinds';
import { checkText } from '@/core/listing/check-text';
import { docText, type Listing } from '@/core/listing/doc';
import { recordsOf } from '@/core/records/reduce';
import { reportFileSchema } from '@/core/seal/seal';
import type { Actor } from '@/data/actor';
import { db } from '@/data/db';
import { currentInspection, recordsOfInspection } from '@/data/inspections';
import { orgTables } from '@/data/org-tables';
import { newestSealed } from '@/data/published';
import { readSnapshot, sealedRecords } from '@/report/read-snapshot';

/** What a listing is held against: the newest sealed report where there is one, else what is on record now. */
async function recordsBehind(actor: Actor, lotId: string): Promise<readonly AnyRecord[]> {
  const sealed = await newestSealed(db(), actor, lotId);
  const file = sealed ? reportFileSchema.safeParse(JSON.parse(sealed.report)).data : undefined;
  const opened = file ? readSnapshot(file.snapshot) : null;
  if (opened) return sealedRecords(opened.snapshot.bundle).records;
  const head = await currentInspection(db(), actor, lotId);
  return head ? recordsOfInspection(db(), actor, head.id) : [];
}

/** How many words of a listing what was found speaks against. A car that is not stated contradicts nothing. */
export async function contradictedIn(actor: Actor, lotId: string, { short, long }: Listing): Promise<number> {
  const records = await recordsBehind(actor, lotId);
  const plan = planOfCar(recordsOf(records, 'car')[0]?.body);
  if (!plan) return 0;
  const { tables } = await orgTables(db(), actor);
  const words = checkText(`${short}\n${docText(long)}`, judge({ plan, records, tables }));
  return words.filter((w) => w.verdict === 'contradicted').length;
}

/** Whether a kept listing may go out. */
export const goesOut = (l: { contradicted: number; allowedWhy: string }): boolean =>
  l.contradicted === 0 || l.allowedWhy !== '';
