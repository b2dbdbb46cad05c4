import type { DemoLot } from '../lot';

export const LOT_22: DemoLot = {
  number: 22,
  make: 'aldmoor',
  model: 'Tarn',
  year: 1986,
  body: 'utility',
  style: 'utility',
  stage: 'listed',
  dueInDays: 12,
  keeper: '',
};
