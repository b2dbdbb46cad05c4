'use client';

import { dayIn } from '@/core/time/day';
import { useLot } from '../records/inspection';

/** The day on which the sale closes, else today there: on it ages are reckoned. */
export function useSaleDay(): string {
  const { sale } = useLot().facts;
  return sale.closesOn ?? dayIn(new Date(), sale.timeZone ?? 'UTC');
}
