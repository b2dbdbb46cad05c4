import type { YardAsked } from '@/core/yard/yard-lot';

/** The address of the Yard that asks for this; what is usual is left out. */
export function yardAddress(asked: Partial<YardAsked>): string {
  const query = new URLSearchParams();
  if (asked.sale) query.set('sale', asked.sale);
  if (asked.show && asked.show !== 'all') query.set('show', asked.show);
  if (asked.sort && asked.sort !== 'number') query.set('by', asked.sort);
  if (asked.search) query.set('q', asked.search);
  if (asked.after) query.set('after', asked.after);
  const text = query.toString();
  return text ? `/yard?${text}` : '/yard';
}
