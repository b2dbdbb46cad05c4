import type { DemoLot } from '../lot';

export const LOT_18: DemoLot = {
  number: 18,
  make: 'brannock',
  model: 'Twelve',
  year: 1955,
  body: 'estate',
  style: 'estate',
  stage: 'listed',
  dueInDays: 10,
  keeper: '',
};
