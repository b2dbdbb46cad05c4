import { notFound } from 'next/navigation';
import { cache } from 'react';
import type { JudgedBy } from '@/core/grade/all-tables';
import { uuidSchema } from '@/core/kinds/common';
import type { PracticeRow } from '@/core/practice/practice-row';
import { type Actor, readsAlone } from '@/data/actor';
import { db } from '@/data/db';
import { currentInspection, type InspectionHead, recordsOfInspection, withheldCount } from '@/data/inspections';
import { orgTables, tablesAsSealed } from '@/data/org-tables';
import { practiceOf } from '@/data/practice';
import { sealedTables } from '@/data/seals';
import { pageActor } from './actor';
import { saleYear } from './sealing';

/** What a practice lot's screens know of it: never its truth. */
export type PracticeFacts = Pick<PracticeRow, 'kind' | 'course' | 'minutes' | 'startedAt' | 'closedAt'>;

const practiceFacts = ({ kind, course, minutes, startedAt, closedAt }: PracticeRow): PracticeFacts => ({
  kind,
  course,
  minutes,
  startedAt,
  closedAt,
});

/** What a lot's screens know of it besides its records. */
export function factsOf(
  actor: Actor,
  head: InspectionHead,
  tables: JudgedBy,
  withheld: number,
  practice: PracticeFacts | null = null,
) {
  return {
    id: head.id,
    revision: head.revision,
    state: head.state,
    seq: head.seq,
    lot: head.lot,
    reason: head.reason,
    sale: {
      name: head.sale.name,
      place: head.sale.place,
      closesOn: head.sale.closesOn,
      timeZone: head.sale.timeZone,
      currency: head.sale.currency,
    },
    onYear: saleYear(head.sale.closesOn, new Date(), head.sale.timeZone),
    role: actor.role,
    me: actor.name,
    myId: actor.userId,
    withheld,
    practice,
    ...tables,
  };
}

/** The newest inspection of a lot with its records, or null; the head is read first, so that no change falls between. */
export async function lotInHand(actor: Actor, lotId: string) {
  const id = uuidSchema.safeParse(lotId);
  const head = id.success ? await currentInspection(db(), actor, id.data) : null;
  if (!head) return null;
  const [records, today, sealed, withheld, practice] = await Promise.all([
    recordsOfInspection(db(), actor, head.id),
    orgTables(db(), actor),
    // A sealed lot is shown by the numbers it was sealed with, whatever the house's are today.
    head.state === 'sealed' ? sealedTables(db(), actor, head.id) : null,
    readsAlone(actor) ? withheldCount(db(), actor, head.id) : 0,
    head.sale.practice ? practiceOf(db(), actor, head.lot.id) : null,
  ]);
  return {
    head,
    records,
    facts: factsOf(actor, head, tablesAsSealed(sealed, today), withheld, practice && practiceFacts(practice)),
  };
}

/** What every page of a lot starts from; 404 for a lot that is not the actor's organisation's. */
export const inspectionPage = cache(async (lotId: string) => {
  const actor = await pageActor();
  const inHand = await lotInHand(actor, lotId);
  if (!inHand) notFound();
  return { actor, ...inHand };
});
