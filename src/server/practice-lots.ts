import type { Actor } from '@/data/actor';
import { db } from '@/data/db';
import { salesOf } from '@/data/sales';
import { yardPage } from '@/data/yard';

/** Lots that somebody may look at a second time: those of open sales that were begun, by number. */
export async function lotsForSecond(actor: Actor): Promise<{ id: string; says: string }[]> {
  const sales = (await salesOf(db(), actor)).filter((s) => s.state === 'open');
  const pages = await Promise.all(sales.map((s) => yardPage(db(), actor, s.id, { sort: 'number', limit: 500 })));
  return pages.flatMap((p, i) =>
    p.rows
      .filter((r) => r.changeCount > 0)
      .map((r) => ({
        id: r.id,
        says: `${r.number}, ${r.title}${sales.length > 1 ? ` (${sales[i]!.name})` : ''}`,
      })),
  );
}
