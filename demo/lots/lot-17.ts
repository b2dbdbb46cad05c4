import type { DemoLot } from '../lot';

export const LOT_17: DemoLot = {
  number: 17,
  make: 'ormelle',
  model: 'Vireo',
  year: 1973,
  body: 'sports',
  style: 'sports',
  stage: 'listed',
  dueInDays: 10,
  keeper: '',
};
