import type { LotFactsSaid } from '@/core/yard/lot-facts';

/** What each fact of a lot is called. */
export const LOT_FACT_WORDS: Readonly<Record<keyof LotFactsSaid, string>> = {
  title: 'name',
  reportDueOn: 'report due',
  reserveDays: 'days before opening',
  consignor: 'consignor',
  keysWith: 'keys with',
  stands: 'stands',
  comesWith: 'comes with',
};
