import type { Sale } from '@/core/yard/sale-facts';

/** A sale for tests: three days in spring, said whole. */
export const TEST_SALE: Sale = {
  id: 's1',
  state: 'open',
  name: 'The Tramshed Dispersal',
  place: 'Marlpit Tramshed, Vennor',
  timeZone: 'UTC',
  opensOn: '2027-03-02',
  closesOn: '2027-03-04',
  catalogueOn: null,
  reportDaysBefore: null,
  currency: 'VK',
  words: 'en-GB',
  units: 'um',
  kerb: 'left',
  embargoUntil: null,
};
