import type { DemoLot } from '../lot';

export const LOT_23: DemoLot = {
  number: 23,
  make: 'tolve',
  model: 'Carrier',
  year: 1961,
  body: 'van',
  style: 'van',
  stage: 'listed',
  dueInDays: 12,
  keeper: '',
};
