import { notFound } from 'next/navigation';
import { cache } from 'react';
import { z } from 'zod';
import { db } from '@/data/db';
import { currentInspection, recordsOfInspection } from '@/data/inspections';
import { orgTables } from '@/data/org-tables';
import { pageActor } from './actor';
import { saleYear } from './sealing';

/** What every page of a lot starts from; 404 for a lot that is not the actor's organisation's. */
export const inspectionPage = cache(async (lotId: string) => {
  const actor = await pageActor();
  const head = z.uuid().safeParse(lotId).success ? await currentInspection(db(), actor, lotId) : null;
  if (!head) notFound();
  const [records, tables] = await Promise.all([recordsOfInspection(db(), actor, head.id), orgTables(db(), actor)]);
  const facts = {
    id: head.id,
    revision: head.revision,
    state: head.state,
    seq: head.seq,
    lot: head.lot,
    sale: { name: head.sale.name, place: head.sale.place, closesOn: head.sale.closesOn },
    onYear: saleYear(head.sale.closesOn, new Date()),
    role: actor.role,
    me: actor.name,
    myId: actor.userId,
    tables: tables.grade,
    profiles: tables.profiles,
  };
  return { actor, head, records, facts };
});
