import type { Metadata } from 'next';
import { z } from 'zod';
import { text, uuidSchema } from '@/core/kinds/common';
import { SORTS, type Sort, STANDINGS } from '@/core/yard/standing';
import { Yard } from '@/screens/yard/yard';
import { handOverYard } from '@/screens/yard/yard-facts';
import { pageActor } from '@/server/actor';
import { yardSeen } from '@/server/yard';

export const metadata: Metadata = { title: 'Yard' };
export const dynamic = 'force-dynamic';

/** What is not asked is usual, and what is no answer is as if it were not asked. */
const askedSchema = z.object({
  sale: uuidSchema.nullable().default(null).catch(null),
  show: z
    .enum(['all', ...STANDINGS])
    .default('all')
    .catch('all'),
  by: z
    .enum(Object.keys(SORTS) as [Sort, ...Sort[]])
    .default('number')
    .catch('number'),
  q: text(100).default('').catch(''),
  after: z.string().max(60).nullable().default(null).catch(null),
});

export default async function YardPage({ searchParams }: { searchParams: Promise<Record<string, unknown>> }) {
  const actor = await pageActor();
  const { sale, show, by: sort, q: search, after } = askedSchema.parse(await searchParams);
  const asked = { sale, show, sort, search, after };
  const seen = await yardSeen(actor, asked, new Date());
  const { userId: id, name, role } = actor;
  return <Yard key={`${seen.sale?.id}`} text={handOverYard(seen)} me={{ id, name, role }} asked={asked} />;
}
