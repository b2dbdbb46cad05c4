import type { DemoLot } from '../lot';

export const LOT_14: DemoLot = {
  number: 14,
  make: 'aldmoor',
  model: 'Fellman',
  year: 1962,
  body: 'utility',
  style: 'utility',
  stage: 'listed',
  dueInDays: 9,
  keeper: '',
};
