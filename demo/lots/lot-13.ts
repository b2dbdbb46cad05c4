import type { DemoLot } from '../lot';

export const LOT_13: DemoLot = {
  number: 13,
  make: 'brannock',
  model: 'Fourteen',
  year: 1936,
  body: 'saloon',
  style: 'saloon4',
  stage: 'listed',
  dueInDays: 9,
  keeper: '',
};
