import type { DemoLot } from '../lot';

export const LOT_12: DemoLot = {
  number: 12,
  make: 'tolve',
  model: 'Wicket',
  year: 1976,
  body: 'minibus',
  style: 'van',
  stage: 'listed',
  dueInDays: 8,
  keeper: '',
};
